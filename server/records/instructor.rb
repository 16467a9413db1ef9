# frozen_string_literal: true

module Server
  module Records
    # Who signs in. The password is kept as a bcrypt digest only. An owner also
    # looks after the team, exports and deletion; a helper checks people in and
    # logs, and sees no health notes.
    class Instructor < Base
      include OfStudio

      ROLES = %w[owner instructor helper].freeze

      belongs_to :studio, class_name: "Server::Records::Studio"
      has_many :sign_ins, class_name: "Server::Records::SignIn", foreign_key: :instructor_id, primary_key: :id
      has_many :recovery_codes, class_name: "Server::Records::RecoveryCode", foreign_key: :instructor_id, primary_key: :id
      has_many :known_addresses, class_name: "Server::Records::KnownAddress", foreign_key: :instructor_id, primary_key: :id
      has_many :password_links, class_name: "Server::Records::PasswordLink", foreign_key: :instructor_id, primary_key: :id
      has_secure_password validations: false
      encrypts :totp_secret
      scope :active, -> { where(disabled_at: nil) }

      # Compared against when nobody has the address, so that both cases take as long.
      NOBODY = BCrypt::Password.create("nobody", cost: BCrypt::Engine.cost).freeze

      # @return [Instructor, nil] who has this address and may sign in
      def self.with_email(email)
        found = active.joins(:studio).merge(Studio.open).find_by("lower(email) = ?", email.to_s.strip.downcase)
        found&.readonly? ? find(found.id) : found
      end

      # @param instructor [Instructor, nil]
      # @return [Boolean] whether the password is theirs; it takes as long where there is nobody
      def self.password?(instructor, password)
        return instructor.authenticate(password) != false if instructor
        BCrypt::Password.new(NOBODY).is_password?(password)
        false
      end

      # @return [Boolean] whether a code is asked for beside the password
      def second_factor?
        !totp_on_at.nil?
      end

      # A new password ends every session but the one that is kept.
      # @param keep [SignIn, nil]
      def change_password(password, keep: nil)
        transaction do
          update!(password: password, password_changed_at: Time.now.utc)
          sign_ins.where.not(id: keep&.id).delete_all
          password_links.where(used_at: nil).update_all(used_at: Time.now.utc)
        end
      end

      # Nobody is signed in as them any more, at once.
      def disable
        transaction do
          update!(disabled_at: Time.now.utc)
          SignIn.where(instructor_id: id).delete_all
          password_links.where(used_at: nil).update_all(used_at: Time.now.utc)
        end
      end

      # @return [Boolean] whether nobody else looks after the team
      def last_owner?
        role == "owner" && !studio.instructors.active.where(role: "owner").where.not(id: id).exists?
      end
    end
  end
end
