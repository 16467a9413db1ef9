# frozen_string_literal: true

require "digest"
require "securerandom"

module Server
  module Records
    # A code for the day on which the telephone is lost: each works once.
    class RecoveryCode < Base
      COUNT = 8

      belongs_to :instructor, class_name: "Server::Records::Instructor", foreign_key: :instructor_id, primary_key: :id

      # New ones; those before work no more.
      # @return [Array<String>] to be shown once
      def self.renew(instructor)
        codes = Array.new(COUNT) { SecureRandom.alphanumeric(10).downcase.insert(5, "-") }
        transaction do
          where(instructor_id: instructor.id).delete_all
          codes.each { |code| create!(instructor: instructor, code_digest: digest(instructor, code)) }
        end
        codes
      end

      # @return [Boolean] whether it was one of theirs and not used yet; it is used now
      def self.use(instructor, code)
        where(instructor_id: instructor.id, code_digest: digest(instructor, code), used_at: nil).update_all(used_at: Time.now.utc) == 1
      end

      def self.digest(instructor, code)
        Digest::SHA256.hexdigest("#{instructor.id}/#{code.to_s.downcase.gsub(/[^a-z0-9]/, "")}")
      end
      private_class_method :digest
    end
  end
end
