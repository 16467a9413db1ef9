# frozen_string_literal: true

module Server
  # What a password must be: long enough to be worth something, and not one of
  # those that everybody tries first.
  module Passwords
    SHORTEST = 12
    # bcrypt looks at no more than this many bytes.
    LONGEST_BYTES = 72
    USUAL = File.readlines(File.join(ROOT, "server", "data", "usual_passwords.txt"), chomp: true).to_set.freeze

    # What a finger does that goes along a row.
    ROWS = ["abcdefghijklmnopqrstuvwxyz" * 2, "0123456789" * 3, "1234567890" * 3, "qwertyuiopasdfghjklzxcvbnm1234567890"].freeze

    # @param password [String]
    # @param about [Array<String>] what anybody would guess of this person: name, address, studio
    # @return [String, nil] what is wrong with it
    def self.complaint(password, about: [])
      return Sparrow.say("server.passwords.must_have_at_least_shortest_characters", shortest: SHORTEST) if password.strip.length < SHORTEST
      return Sparrow.say("server.passwords.must_be_at_most_longest_bytes_bytes", longest_bytes: LONGEST_BYTES) if password.bytesize > LONGEST_BYTES
      return Sparrow.say("server.passwords.must_not_contain_a_null_character") if password.include?("\u0000")
      return Sparrow.say("server.passwords.is_among_the_most_common_ones") if usual?(password)
      return Sparrow.say("server.passwords.must_not_be_made_of_your") if guessed?(password, about)
      nil
    end

    # @raise [Sparrow::Refused]
    def self.check(password, pointer, about: [])
      complaint = complaint(password, about: about)
      raise Sparrow::Refused.at(pointer, complaint) if complaint
    end

    # As it stands, without what is commonly hung on it, and doubled.
    def self.usual?(password)
      plain = password.downcase.delete(" ")
      core = plain.gsub(/[^a-z]+\z|\A[^a-z]+/, "")
      return true if plain.chars.uniq.size < 4
      return true if [plain, core].any? { |form| USUAL.include?(form) }
      return true if ROWS.any? { |row| row.include?(plain) || row.reverse.include?(plain) }
      (1..plain.length / 2).any? { |size| (plain.length % size).zero? && plain == plain[0, size] * (plain.length / size) && (size < 4 || USUAL.include?(plain[0, size])) }
    end

    def self.guessed?(password, about)
      rest = about.flat_map { |text| text.to_s.downcase.split(/[^[:alnum:]]+/) }.select { |word| word.length > 2 }.uniq
        .sort_by { |word| -word.length }.reduce(password.downcase) { |left, word| left.gsub(word, "") }
      rest.gsub(/[^[:alpha:]]/, "").length < 4 && rest.gsub(/[^[:alnum:]]/, "").length < 6
    end
    private_class_method :usual?, :guessed?
  end
end
