# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::KeyCheck do
  first = "the-first-secret" * 8
  second = "the-second-secret" * 8
  own = Server::Settings.current.encryption_secret

  def settings(secret, old: nil)
    Server::Settings.new({"ENCRYPTION_SECRET" => secret, "ENCRYPTION_SECRET_OLD" => old})
  end

  # As a process that was started with these secrets.
  def with_secrets(secret, old: nil)
    Server::Encryption.configure(secret, old: old)
    yield settings(secret, old: old)
  ensure
    Server::Encryption.configure(Server::Settings.current.encryption_secret)
  end

  def verify(secret, old: nil)
    with_secrets(secret, old: old) { |given| described_class.new(given).verify }
  end

  def rekey(secret, old:)
    with_secrets(secret, old: old) { |given| Server::Rekey.new(given).call { |done| yield done if block_given? } }
  end

  # One of each thing that is encrypted.
  def fill
    studio = make_studio
    person = studio.people.create!(name: "Dov Abernethy", level: "beginner", contact: {"phone" => "555"}, health: {"note" => "private"}, health_consent_at: Time.now.utc)
    workout = Server::Records::Workout.begin(studio, Sparrow::Preview.new(workout_document(intervals(1))), by: nil)
    held = studio.group_classes.new(starts_at: Time.now.utc).tap { |group_class| group_class.snapshot_from(workout) }
    held.roster.create!(studio_id: studio.id, person: person, level: "beginner", sore: ["knee"])
    held.choices.create!(studio_id: studio.id, person: person, block: "main", station: "s1", movement: "glute_bridge", variation: "glute_bridge.both", why: "a reason")
    run = Server::Records::Run.of_class(held, client_key: "12345678", by: nil)
    Server::Runs::LogBook.new(run, by: studio.instructors.first).write("submission_id" => "12345678", "log_version" => 0,
      "attendances" => [{"person_id" => person.id, "present" => true, "pain" => "knee", "note" => "sore"}])
    studio.instructors.first.update!(totp_secret: "SECRET")
  end

  def everything
    Server::Rekey::ENCRYPTED.flat_map { |name, columns| Server::Records.const_get(name).all.flat_map { |row| columns.map { |column| row.public_send(column) } } }
  end

  it "notes the first key, and takes the same one afterwards" do
    verify(first)
    expect { verify(first) }.not_to raise_error
    expect(Server::Records::Installation.current.key_check).to eq(Server::Encryption.check_value(first))
  end

  it "stops for another key, names the variable, and touches nothing" do
    verify(first)
    before = Server::Records::Installation.current.attributes
    expect { verify(second) }.to raise_error(described_class::Wrong, /\AENCRYPTION_SECRET is not the secret that this database was written with/)
    expect(Server::Records::Installation.current.attributes).to eq(before)
  end

  it "names the file where the secret stands in one" do
    verify(first)
    given = Server::Settings.new({"ENCRYPTION_SECRET" => second, "ENCRYPTION_SECRET_FILE" => "/state/encryption-secret"})
    expect { described_class.new(given).verify }.to raise_error(described_class::Wrong, %r{The secret in /state/encryption-secret})
  end

  it "does not adopt a key that cannot read what a database from before holds" do
    fill
    Server::Records::Installation.current.update!(key_check: nil)
    expect { verify(second) }.to raise_error(described_class::Wrong, /does not read/)
    expect { verify(own) }.not_to raise_error
  end

  it "lists every encrypted column that there is" do
    Server.eager_load
    found = Server::Records.constants.map { |name| Server::Records.const_get(name) }.select { |record| record.is_a?(Class) && record.encrypted_attributes.to_a.any? }
    expect(found.to_h { |record| [record.name.demodulize, record.encrypted_attributes.map(&:to_s).sort] }).to eq(Server::Rekey::ENCRYPTED.transform_values(&:sort))
  end

  describe "and a change of the key" do
    before do
      fill
      verify(own)
    end

    it "reads with both, and with the new one alone when it is finished" do
      before = everything
      expect(before.compact.size).to be >= 7
      with_secrets(second, old: own) { expect(everything).to eq(before) }
      expect(rekey(second, old: own)).to be >= 6
      with_secrets(second) { expect(everything).to eq(before) }
      expect { verify(second) }.not_to raise_error
      expect { verify(own) }.to raise_error(described_class::Wrong, /not the secret/)
      with_secrets(own) { expect { everything }.to raise_error(ActiveRecord::Encryption::Errors::Decryption) }
    end

    it "may be interrupted and begun again; neither key alone starts meanwhile" do
      before = everything
      expect { rekey(second, old: own) { raise Interrupt } }.to raise_error(Interrupt)
      expect { verify(own) }.to raise_error(described_class::Wrong, /not finished/)
      expect { verify(second) }.to raise_error(described_class::Wrong, /not finished/)
      expect { verify(second, old: own) }.not_to raise_error
      with_secrets(second, old: own) { expect(everything).to eq(before) }
      rekey(second, old: own)
      with_secrets(second) { expect(everything).to eq(before) }
    end

    it "does not begin from a key that is not this database's" do
      expect { rekey(second, old: first) }.to raise_error(described_class::Wrong, /ENCRYPTION_SECRET_OLD is not/)
    end
  end
end
