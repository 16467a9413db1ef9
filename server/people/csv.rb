# frozen_string_literal: true

require "csv"

module Server
  module People
    # The people of a studio as CSV, there and back. Nothing of anybody's health is
    # in it. An import says first what it would change, and changes all or nothing.
    # A cell that is what the export would write changes nothing, whatever it holds;
    # any other goes through the same rules as the form. An empty cell leaves what is there.
    class Csv
      # A file that was written before November 2026.
      FORMERLY = {"lane" => "level"}.freeze
      COLUMNS = %w[id name pronouns level birth_year since levels tags contact_name contact_phone contact_relation].freeze
      MOST_ROWS = 500
      LONGEST_CELL = 1000
      # What a spreadsheet would take for the beginning of a formula, however many marks stand before it.
      FORMULA = /\A'*[=+\-@\t\r\uFF1D\uFF0B\uFF0D\uFF20]/
      # A row of the file: what would become of it, and what is wrong with it.
      Row = Struct.new(:line, :name, :action, :changes, :errors, :person, :fields)

      # The file as a whole cannot be taken.
      class Unreadable < StandardError; end

      # A cell that would be a formula gets a mark before it, which importing takes off again.
      def self.guard(value)
        (value.is_a?(String) && value.match?(FORMULA)) ? "'#{value}" : value
      end

      def self.unguard(value)
        value.match?(FORMULA) ? value.delete_prefix("'") : value
      end

      def initialize(studio)
        @studio = studio
        @people = studio.people.order(:name, :id).to_a
      end

      # @return [String]
      def text
        CSV.generate(headers: COLUMNS, write_headers: true) do |csv|
          @people.reject(&:archived_at).each { |person| csv << cells(person).values_at(*COLUMNS).map { |value| self.class.guard(value) } }
        end
      end

      # @param given [String] CSV with a header line; only a name is needed
      # @param apply [Boolean] whether to change anything: only where no row has an error
      # @return [Hash] "rows", "errors" of the file as a whole, and whether it was "applied"
      def read(input, apply:)
        rows = rows(input)
        sound = rows.none? { |row| row.errors.any? }
        write(rows) if apply && sound
        answer(rows, [], apply && sound)
      rescue CSV::MalformedCSVError => error
        answer([], [Sparrow.say("server.people.this_is_not_csv_that_can", sub: error.message.sub(/ in line \d+\.?/, ""), line_number: error.line_number)], false)
      rescue Unreadable => error
        answer([], [error.message], false)
      end

      private

      def answer(rows, errors, applied)
        {"rows" => rows.map { |row| {"line" => row.line, "name" => row.name.to_s[0, 120], "action" => row.action, "changes" => row.changes, "errors" => row.errors} },
         "errors" => errors, "applied" => applied}
      end

      # Read row by row, so that a file that is too long is given up before it is read.
      def rows(input)
        headers, lines = split(input.delete_prefix("\uFEFF"))
        unknown = headers.compact - COLUMNS
        raise Unreadable, Sparrow.say("server.people.there_is_no_column_name") unless headers.include?("name")
        raise Unreadable, Sparrow.say("server.people.these_columns_are_not_known_map", map: unknown.first(10).map { |name| name[0, 40] }.join(", ")) if unknown.any?
        raise Unreadable, Sparrow.say("server.people.a_column_stands_in_the_file") if headers.compact.uniq.size < headers.compact.size
        seen = Hash.new(0)
        lines.map.with_index(2) do |line, number|
          row(headers.zip(line).to_h.compact.transform_values { |value| self.class.unguard(value.to_s) }, number, seen)
        end
      end

      def split(text)
        first = text[/\A[^\r\n]{0,1000}/].to_s
        reader = CSV.new(text, col_sep: (first.include?(";") && !first.include?(",")) ? ";" : ",", skip_blanks: true, max_field_size: LONGEST_CELL)
        headers = (reader.shift || []).map { |name| name.to_s.strip.downcase.tr(" ", "_").then { |key| FORMERLY.fetch(key, key) } unless name.nil? }
        lines = []
        while (line = reader.shift)
          raise Unreadable, Sparrow.say("server.people.there_are_more_than_most_rows_rows", most_rows: MOST_ROWS, most_rows_2: MOST_ROWS) if lines.size == MOST_ROWS
          lines << line
        end
        [headers, lines]
      end

      def row(input, number, seen)
        person, problem = match(input)
        fields, errors = fields(input, person)
        errors << problem if problem
        errors << Sparrow.say("server.people.stands_in_the_file_twice") if (seen[person ? person.id : input["name"].to_s.strip.downcase] += 1) > 1 && input["name"].to_s.strip != ""
        action = if errors.any? then "error"
        elsif person.nil? then "add"
        else fields.empty? ? "same" : "change"
        end
        Row.new(number, input["name"], action, fields.keys, errors, person, fields)
      end

      # By id where there is one, else by name.
      def match(input)
        if input["id"].to_s.strip != ""
          found = by_id[input["id"].strip]
          return found ? [found, nil] : [nil, Sparrow.say("server.people.nobody_here_has_this_id")]
        end
        found = by_name.fetch(input["name"].to_s.strip.downcase, [])
        return [nil, Sparrow.say("server.people.amount_people_have_this_name_say", amount: found.size)] if found.size > 1
        [found.first, nil]
      end

      def by_id
        @by_id ||= @people.index_by(&:id)
      end

      def by_name
        @by_name ||= @people.group_by { |person| person.name.downcase }
      end

      # What differs from what is there, read by the form's own rules.
      # @return [Array(Hash, Array<String>)] fields and what is wrong with them
      def fields(input, person)
        now = person ? cells(person) : {}
        changed = input.except("id").reject { |column, value| value == now[column].to_s || (column != "name" && value.strip == "") }
        fields = as_typed(changed, person)
        return [fields, []] if person && fields.empty?
        whole = {"name" => person&.name, "level" => person&.level || "beginner", **fields}.compact
        trail = Sparrow::Schema::ErrorCollector.new
        read = People::Contract::NEW.read((fields.key?("name") || person.nil?) ? whole : whole.merge("name" => "Unchanged"), trail)
        problems = trail.problems + (trail.problems.empty? ? People::Contract.problems({"birth_year" => person&.birth_year, "since" => person&.since&.iso8601}.compact.merge(read), today: @studio.today) : [])
        [read.slice(*fields.keys).merge(person ? {} : {"level" => whole["level"]}), problems.map { |problem| "#{problem.pointer.delete_prefix("/").tr("/", " ")} #{problem.message}" }]
      end

      # Cells as the form would have them.
      def as_typed(changed, person)
        fields = changed.slice("name", "pronouns", "since").transform_values(&:strip)
        fields["level"] = changed["level"].strip.downcase if changed["level"]
        fields["birth_year"] = changed["birth_year"].strip.match?(/\A\d{1,9}\z/) ? changed["birth_year"].to_i : changed["birth_year"] if changed["birth_year"]
        fields["tags"] = changed["tags"].split(/[;,]/).map(&:strip).reject(&:empty?).uniq if changed["tags"]
        fields["levels"] = changed["levels"].split(/[;,]/).to_h { |pair| pair.split(":", 2).map { |part| part.strip.downcase.tr(" ", "_") }.then { |key, level| [key.to_s, level.to_s] } } if changed["levels"]
        contact = changed.slice("contact_name", "contact_phone", "contact_relation").transform_keys { |key| key.delete_prefix("contact_") }.transform_values(&:strip)
        fields["contact"] = (person&.contact || {}).merge(contact) if contact.any?
        fields
      end

      def write(rows)
        Records::Person.transaction do
          rows.each do |row|
            case row.action
            when "add" then @studio.people.create!(row.fields)
            when "change" then row.person.with_lock { row.person.update!(**row.fields.symbolize_keys, version: row.person.version + 1) }
            end
          end
        end
      end

      # A person as the export writes them, before anything is guarded.
      def cells(person)
        contact = person.contact || {}
        person.attributes.slice("id", "name", "pronouns", "level").merge(
          "birth_year" => person.birth_year&.to_s, "since" => person.since&.iso8601, "levels" => person.levels.map { |pattern, level| "#{pattern}: #{level}" }.join("; "),
          "tags" => person.tags.join("; "), "contact_name" => contact["name"], "contact_phone" => contact["phone"], "contact_relation" => contact["relation"]
        )
      end
    end
  end
end
