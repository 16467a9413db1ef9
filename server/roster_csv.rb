# frozen_string_literal: true

require "csv"

module Server
  # The people of a studio as CSV, there and back. Nothing of anybody's health is
  # in it. An import says first what it would change, and changes all or nothing.
  class RosterCsv
    COLUMNS = %w[id name pronouns lane birth_year since tags contact_name contact_phone].freeze
    MOST_ROWS = 500
    # A row of the file: what would become of it, and what is wrong with it.
    Row = Struct.new(:line, :name, :action, :changes, :errors, :person, :fields)

    def initialize(studio)
      @studio = studio
      @people = studio.people.order(:name).to_a
    end

    # @return [String]
    def text
      CSV.generate(headers: COLUMNS, write_headers: true) do |csv|
        @people.reject(&:archived_at).each { |person| csv << line(person).values_at(*COLUMNS) }
      end
    end

    # @param given [String] CSV with a header line; only a name is needed
    # @param apply [Boolean] whether to change anything: only where no row has an error
    # @return [Hash] "rows", "errors" of the file as a whole, and whether it was "applied"
    def read(given, apply:)
      rows = rows(given)
      sound = rows.none? { |row| row.errors.any? }
      write(rows) if apply && sound
      answer(rows, [], apply && sound)
    rescue CSV::MalformedCSVError => error
      answer([], ["This is not CSV that can be read: #{error.message.sub(/ in line \d+\.?/, "")} (line #{error.line_number})."], false)
    rescue Unreadable => error
      answer([], [error.message], false)
    end

    # The file as a whole cannot be taken.
    class Unreadable < StandardError; end

    private

    def answer(rows, errors, applied)
      {"rows" => rows.map { |row| {"line" => row.line, "name" => row.name, "action" => row.action, "changes" => row.changes, "errors" => row.errors} },
       "errors" => errors, "applied" => applied}
    end

    def rows(given)
      table = CSV.parse(given.delete_prefix("\uFEFF"), headers: true, skip_blanks: true, header_converters: ->(name) { name.to_s.strip.downcase.tr(" ", "_") })
      unknown = table.headers.compact - COLUMNS
      raise Unreadable, "There is no column «name»." unless table.headers.include?("name")
      raise Unreadable, "These columns are not known: #{unknown.join(", ")}." if unknown.any?
      raise Unreadable, "There are #{table.size} rows; at most #{MOST_ROWS} fit." if table.size > MOST_ROWS
      seen = Hash.new(0)
      table.map.with_index(2) { |line, number| row(line.to_h.transform_values { |value| value.to_s.strip }, number, seen) }
    end

    def row(given, number, seen)
      fields, errors = fields(given)
      person, problem = match(given)
      errors << problem if problem
      key = person ? person.id : given["name"].downcase
      errors << "stands in the file twice" if (seen[key] += 1) > 1 && given["name"] != ""
      changes = person ? changes(person, fields) : fields.keys
      action = if errors.any? then "error"
      elsif person.nil? then "add"
      else changes.empty? ? "same" : "change"
      end
      Row.new(number, given["name"], action, changes, errors, person, fields)
    end

    # By id where there is one, else by name.
    def match(given)
      if given["id"].to_s != ""
        found = @people.find { |person| person.id == given["id"] }
        return found ? [found, nil] : [nil, "nobody here has this id"]
      end
      found = @people.select { |person| person.name.casecmp?(given["name"]) }
      return [nil, "#{found.size} people have this name: say which by the id"] if found.size > 1
      [found.first, nil]
    end

    def fields(given)
      errors = []
      errors << "the name is missing" if given["name"] == ""
      errors << "the name is longer than 80 characters" if given["name"].length > 80
      fields = {"name" => given["name"]}
      {"pronouns" => given["pronouns"], "lane" => given["lane"]&.downcase, "birth_year" => given["birth_year"], "since" => given["since"]}.each do |key, value|
        next if value.nil? || value == ""
        fields[key] = checked(key, value, errors)
      end
      fields["tags"] = given["tags"].split(/[;,]/).map(&:strip).reject(&:empty?).uniq if given["tags"].to_s != ""
      contact = {"name" => given["contact_name"], "phone" => given["contact_phone"]}.reject { |_, value| value.to_s == "" }
      fields["contact"] = contact if contact.any?
      [fields, errors]
    end

    def checked(key, value, errors)
      trail = Sparrow::Shape::Trail.new
      given = (key == "birth_year" && value.match?(/\A\d+\z/)) ? value.to_i : value
      read = Routes::PeopleRoutes::FIELDS.fetch(key).read(given, trail)
      trail.problems.each { |problem| errors << "#{key} #{problem.message}" }
      errors << "birth_year is not somebody's who trains here" if key == "birth_year" && read && !(Date.today.year - Routes::PeopleRoutes::OLDEST..Date.today.year - Routes::PeopleRoutes::YOUNGEST).cover?(read)
      errors << "since is not here yet" if key == "since" && read && read > Date.today.iso8601
      read
    end

    def changes(person, fields)
      fields.reject { |key, value| plain(person, key) == value }.keys
    end

    def plain(person, key)
      (key == "since") ? person.since&.iso8601 : person.public_send(key)
    end

    def write(rows)
      Records::Person.transaction do
        rows.each do |row|
          case row.action
          when "add" then @studio.people.create!({"lane" => "beginner", **row.fields})
          when "change" then row.person.update!(row.fields)
          end
        end
      end
    end

    def line(person)
      contact = person.contact || {}
      person.attributes.slice("id", "name", "pronouns", "lane", "birth_year").merge(
        "since" => person.since&.iso8601, "tags" => person.tags.join("; "), "contact_name" => contact["name"], "contact_phone" => contact["phone"]
      ).transform_values { |value| guarded(value) }
    end

    # A cell that a spreadsheet would take for a formula is marked as text.
    def guarded(value)
      (value.is_a?(String) && value.match?(/\A[=+\-@]/) && !value.match?(/\A\+?[\d\s]+\z/)) ? "'#{value}" : value
    end
  end
end
