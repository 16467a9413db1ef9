# frozen_string_literal: true

module Server
  # Encrypts anew, with the new secret, what the old one encrypted. Both read
  # until it is finished, so that it may be interrupted and begun again at will.
  class Rekey
    # What is encrypted: records and their columns. A spec holds it to the records.
    ENCRYPTED = {"Person" => %w[contact health], "Attendance" => %w[pain pain_action note], "RosterEntry" => %w[sore], "Choice" => %w[why],
                 "LogRevision" => %w[content], "OwnEntry" => %w[content], "Instructor" => %w[totp_secret]}.freeze
    BATCH = 200

    # @param settings [Settings] with the new secret and the old one
    # @raise [Settings::Missing]
    def initialize(settings = Settings.current)
      raise Settings::Missing, "ENCRYPTION_SECRET_OLD is not set: it is the secret to leave; ENCRYPTION_SECRET is the new one." unless settings.old_encryption_secret
      @new = Encryption.check_value(settings.encryption_secret)
      @old = Encryption.check_value(settings.old_encryption_secret)
    end

    # @yieldparam done [Integer] rows so far
    # @return [Integer] rows that were encrypted anew
    # @raise [KeyCheck::Wrong]
    def call(&progress)
      begin_change
      done = 0
      ENCRYPTED.each do |name, columns|
        each_batch(Records.const_get(name), columns) { |rows| progress&.call(done += rows) }
      end
      Records::Installation.current.update!(key_check: @new, next_key_check: nil)
      done
    end

    private

    def begin_change
      installation = Records::Installation.current
      known = [installation.key_check, installation.next_key_check].compact
      raise KeyCheck::Wrong, "ENCRYPTION_SECRET_OLD is not the secret that this database was written with. Nothing was touched." unless known.include?(@old) || known == [@new]
      raise KeyCheck::Wrong, "Another change of the secret was begun and not finished. Finish that one first." if known.size == 2 && !known.include?(@new)
      installation.update!(next_key_check: @new) unless known == [@new]
    end

    # Rows in the order of their ids, each batch in a transaction of its own.
    def each_batch(record, columns)
      filled = columns.map { |column| "#{column} IS NOT NULL" }.join(" OR ")
      record.unscoped.where(filled).in_batches(of: BATCH) do |batch|
        record.transaction do
          rows = batch.lock.to_a
          rows.each { |row| row.update_columns(columns.to_h { |column| [column, row.public_send(column)] }) }
          yield rows.size
        end
      end
    end
  end
end
