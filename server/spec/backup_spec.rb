# frozen_string_literal: true

require "tmpdir"
require_relative "server_helper"

RSpec.describe Server::Backup do
  bin = Dir["/usr/lib/postgresql/*/bin"].max
  let(:file) { File.join(Dir.mktmpdir, "backup.sparrow") }
  let(:backup) { described_class.new(programs: bin) }

  after { FileUtils.rm_rf(File.dirname(file)) }

  # The database as it is after DROP and CREATE, on the same connection.
  def drop_everything
    connection = ActiveRecord::Base.connection
    connection.execute("DROP SCHEMA public CASCADE")
    connection.execute("CREATE SCHEMA public")
  end

  def everything
    Server::Records.constants.map { |name| Server::Records.const_get(name) }.select { |record| record.is_a?(Class) && record < ActiveRecord::Base && !record.abstract_class? }
      .to_h { |record| [record.name, record.unscoped.order(:id).map(&:attributes)] }
  end

  it "puts back every row of the demo and everything that is encrypted" do
    Server.eager_load
    Demo::Scenario.load
    Server::KeyCheck.new.verify
    before = everything
    manifest = backup.write(file)
    expect([File.stat(file).mode & 0o777, manifest["rows"]["people"]]).to eq([0o600, 14])
    text = File.binread(file)
    expect(text).not_to include(Server::Settings.current.encryption_secret)
    drop_everything
    backup.restore(file)
    ActiveRecord::Base.connection.schema_cache.clear!
    expect(everything).to eq(before)
    expect(Server::Records::Person.all.filter_map { |person| person.health["limits"]&.first }.size).to be > 3
    expect { Server::KeyCheck.new.verify }.not_to raise_error
    expect { Server::Records::AuditEvent.delete_all }.to raise_error(ActiveRecord::StatementInvalid, /never changed/)
  end

  it "touches nothing where the file is damaged, of another key, or the database is not empty" do
    make_studio
    backup.write(file)
    expect { backup.restore(file) }.to raise_error(described_class::Failed, /not empty/)
    other = described_class.new(Server::Settings.new({"DATABASE_URL" => Server::Settings.current.database_url, "ENCRYPTION_SECRET" => "another-secret" * 8}), programs: bin)
    expect { other.restore(file) }.to raise_error(described_class::Failed, /another key/)
    damaged = "#{file}.damaged"
    bytes = File.binread(file)
    at = bytes.index("PGDMP") + 2000
    bytes.setbyte(at, bytes.getbyte(at) ^ 1)
    File.binwrite(damaged, bytes)
    expect { backup.restore(damaged) }.to raise_error(described_class::Failed, /damaged/)
    File.binwrite(damaged, "not a backup")
    expect { backup.restore(damaged) }.to raise_error(described_class::Failed)
    expect { backup.write(file) }.to raise_error(described_class::Failed, /there already/)
    expect(Server::Records::Studio.count).to eq(1)
  end
end
