# frozen_string_literal: true

module Server
  module Records
    # Who signs in. The password is kept as a bcrypt digest only.
    class Instructor < Base
      belongs_to :studio, class_name: "Server::Records::Studio"
      has_many :sign_ins, class_name: "Server::Records::SignIn"
      has_secure_password validations: false

      # Compared against when nobody has the address, so that both cases take as long.
      NOBODY = BCrypt::Password.create("nobody", cost: BCrypt::Engine.cost).freeze

      # @return [Instructor, nil]
      def self.with_credentials(email, password)
        instructor = find_by("lower(email) = ?", email.strip.downcase)
        return instructor if instructor&.authenticate(password)
        BCrypt::Password.new(NOBODY).is_password?(password) unless instructor
        nil
      end
    end
  end
end
