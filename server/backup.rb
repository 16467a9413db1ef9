# frozen_string_literal: true

require "open3"
require "tmpdir"

module Server
  # One file with the whole database and what tells the key that it was written
  # with; never the key itself. It is checked when it is put back.
  class Backup
    FORMAT = "willing-sparrow/backup"
    VERSION = 1
    MANIFEST = "manifest.json"
    DUMP = "database.dump"

    # It cannot be written, or must not be put back here.
    class Failed < StandardError; end

    # @param settings [Settings]
    # @param programs [String, nil] the folder of pg_dump and pg_restore
    def initialize(settings = Settings.current, programs: ENV["PG_BIN"])
      @url = settings.direct_database_url
      @key_check = Encryption.check_value(settings.encryption_secret)
      @programs = programs
    end

    # @param path [String] a file that is not there yet
    # @return [Hash] the manifest
    # @raise [Failed]
    def write(path)
      raise Failed, "#{path} is there already. Nothing was written." if File.exist?(path)
      Dir.mktmpdir do |folder|
        # Counted and dumped in one snapshot, so that both say the same while others write.
        manifest = in_snapshot do |snapshot|
          run("pg_dump", "--format=custom", "--no-owner", "--no-privileges", "--snapshot=#{snapshot}", "--file=#{File.join(folder, DUMP)}", "--dbname=#{@url}")
          manifest(File.join(folder, DUMP))
        end
        File.write(File.join(folder, MANIFEST), JSON.pretty_generate(manifest))
        pack(folder, path)
        manifest
      end
    end

    # @param path [String]
    # @return [Hash] the manifest
    # @raise [Failed] before anything is touched, where the file is damaged, the key is another, or the database is not empty
    def restore(path)
      raise Failed, "#{path} is not there." unless File.file?(path)
      Dir.mktmpdir do |folder|
        manifest = unpack(path, folder)
        raise Failed, "This backup was written with another key than ENCRYPTION_SECRET. Nothing was touched. Put the right secret in place first." unless manifest["key_check"] == @key_check
        raise Failed, "The database is not empty. Nothing was touched. A backup is put back into a new database." if tables.any?
        run("pg_restore", "--no-owner", "--no-privileges", "--exit-on-error", "--single-transaction", "--dbname=#{@url}", File.join(folder, DUMP))
        check(manifest)
        manifest
      end
    end

    private

    def connection
      ActiveRecord::Base.connection
    end

    def tables
      connection.tables.sort
    end

    def in_snapshot
      ActiveRecord::Base.transaction(isolation: :repeatable_read) do
        yield connection.select_value("SELECT pg_export_snapshot()")
      end
    end

    def counts
      tables.to_h { |table| [table, connection.select_value("SELECT count(*) FROM #{connection.quote_table_name(table)}")] }
    end

    def manifest(dump)
      {"format" => FORMAT, "version" => VERSION, "made_at" => Time.now.utc.iso8601, "schema" => connection.select_value("SELECT max(version) FROM schema_migrations"),
       "key_check" => @key_check, "rows" => counts, "sha256" => Digest::SHA256.file(dump).hexdigest}
    end

    def pack(folder, path)
      previous = File.umask(0o077)
      run_program("tar", "--create", "--file=#{path}", "--directory=#{folder}", MANIFEST, DUMP)
    ensure
      File.umask(previous)
    end

    def unpack(path, folder)
      extract(path, folder)
      manifest = JSON.parse(File.read(File.join(folder, MANIFEST)))
      raise Failed, "#{path} is not a backup of this application." unless manifest["format"] == FORMAT && manifest["version"] == VERSION
      raise Failed, "#{path} is damaged: its contents are not what was written. Nothing was touched." unless Digest::SHA256.file(File.join(folder, DUMP)).hexdigest == manifest["sha256"]
      manifest
    rescue JSON::ParserError
      raise Failed, "#{path} is damaged: its manifest cannot be read. Nothing was touched."
    end

    def extract(path, folder)
      run_program("tar", "--extract", "--file=#{path}", "--directory=#{folder}", MANIFEST, DUMP)
    rescue Failed => reason
      raise Failed, "#{path} is damaged, or is not a backup of this application. Nothing was touched. (#{reason.message.lines.first.strip})"
    end

    # Every row, and everything that is encrypted, read once.
    def check(manifest)
      wrong = manifest["rows"].reject { |table, count| counts[table] == count }
      raise Failed, "These tables have not come back whole: #{wrong.keys.join(", ")}." if wrong.any?
      Rekey::ENCRYPTED.each do |name, columns|
        Records.const_get(name).unscoped.find_each { |row| columns.each { |column| row.public_send(column) } }
      end
    rescue ActiveRecord::Encryption::Errors::Decryption
      raise Failed, "What is encrypted has come back and cannot be read."
    end

    def run(program, *arguments)
      run_program(@programs.to_s.empty? ? program : File.join(@programs, program), *arguments)
    end

    def run_program(*command)
      output, status = Open3.capture2e(*command)
      raise Failed, "#{File.basename(command.first)} failed: #{output.gsub(@url, "the database").lines.last(3).join.strip}" unless status.success?
    rescue Errno::ENOENT
      raise Failed, "#{command.first} is not installed."
    end
  end
end
