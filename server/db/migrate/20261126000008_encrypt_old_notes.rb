# frozen_string_literal: true

# Notes of logs from before they were encrypted are encrypted now: from here on
# nothing that is not encrypted is read where encryption is expected.
class EncryptOldNotes < ActiveRecord::Migration[7.2]
  COLUMNS = %w[pain note].freeze

  def up
    COLUMNS.each do |column|
      plain = select_rows("SELECT id, #{column} FROM attendances WHERE #{column} IS NOT NULL").reject { |_, text| encrypted?(text) }
      plain.each do |id, text|
        update("UPDATE attendances SET #{column} = #{quote(encryptor.encrypt(text))} WHERE id = #{quote(id)}")
      end
    end
  end

  def down
    # What is encrypted stays so.
  end

  private

  def encryptor
    @encryptor ||= ActiveRecord::Encryption.encryptor
  end

  def encrypted?(text)
    encryptor.encrypted?(text)
  end
end
