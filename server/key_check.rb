# frozen_string_literal: true

module Server
  # Whether the secret that was given is the one that the database was written
  # with. Looked at before anything else touches the database.
  class KeyCheck
    # It is not, or it cannot be told.
    class Wrong < StandardError; end

    # @param settings [Settings]
    # @param source [String] what to name where it is wrong: a variable, or a file that bin/start keeps
    def initialize(settings = Settings.current, source: settings.encryption_source)
      @input = Encryption.check_value(settings.encryption_secret)
      @old = settings.old_encryption_secret && Encryption.check_value(settings.old_encryption_secret)
      @source = source
    end

    # @return [Boolean] whether what is private can be read and written; nothing is changed by asking
    def right?
      return true unless table?
      known = Records::Installation.where(id: 1).pick(:key_check, :next_key_check).to_a.compact
      known.empty? || same?(known)
    end

    # The first key is noted; after that only the same one will do, or the two
    # together while the key is being changed.
    # @raise [Wrong]
    def verify
      return unless table?
      installation = Records::Installation.current
      return adopt(installation) if installation.key_check.nil?
      known = [installation.key_check, installation.next_key_check].compact
      return if same?(known)
      return installation.update!(next_key_check: @input) if known == [@old]
      raise Wrong, known.include?(@input) ? UNFINISHED : "#{@source} is not the secret that this database was written with. #{RESTORE}"
    end

    UNFINISHED = "The change of the secret was not finished: some of what is private is still encrypted with the other one. " \
      "Give the new secret as ENCRYPTION_SECRET, the old one as ENCRYPTION_SECRET_OLD, and run bin/rekey."
    RESTORE = "Nothing was touched. Put the right one back; without it limits, health notes and contacts cannot be read. To change it on purpose, see bin/rekey."

    private

    # The one that was noted, or both of a change.
    def same?(known)
      known == [@input] || (known.size == 2 && known.sort == [@old, @input].compact.sort)
    end

    def table?
      ActiveRecord::Base.connection.table_exists?("installations")
    end

    # A database from before this check: the key must at least read what is there.
    def adopt(installation)
      Rekey::ENCRYPTED.slice("Person", "Attendance").each do |name, columns|
        record = Records.const_get(name)
        row = record.where("#{columns.first} IS NOT NULL").first
        columns.each { |column| row&.public_send(column) }
      end
      installation.update!(key_check: @input)
    rescue ActiveRecord::Encryption::Errors::Decryption
      raise Wrong, "#{@source} does not read what is encrypted in this database. #{RESTORE}"
    end
  end
end
