# frozen_string_literal: true

module Server
  module People
    # The tests of a whole class on one sheet.
    module BenchmarkRoutes
      S = Sparrow::Schema
      RESULT = {"variation" => S::Text.new(length: 1..64), "amount" => S::IntegerType.new(0..1000)}.freeze
      ENTRY = S::Record.new({"person_id" => S::Text.new(length: 1..64), "test" => S::Text.new(length: 1..40), **RESULT,
                             "was" => S::Record.new(RESULT, required: RESULT.keys)}, required: %w[person_id test variation amount])
      FORM = S::Record.new({"taken_on" => S::Day.new, "entries" => S::List.new(ENTRY, size: 1..700, noun: "entries")}, required: %w[taken_on entries])

      # What these routes share.
      module Helpers
        def benchmark_sheet
          people = studio.people.training.includes(:benchmarks)
          {
            "tests" => Sparrow::Capacity::Benchmarks.all.map { |test| test.to_h.except(:counts).compact.transform_keys(&:to_s) },
            "people" => people.map do |person|
              latest = person.benchmarks.group_by(&:test).transform_values { |taken| taken.max_by(&:taken_on) }
              People::Line.new(person).to_h.merge("screening" => person.screening, "latest" => latest.transform_values do |taken|
                {"variation" => taken.variation, "amount" => taken.amount, "taken_on" => taken.taken_on.iso8601}
              end)
            end
          }
        end

        # @raise [Sparrow::Refused] with every entry that cannot be taken
        def write_benchmarks(input)
          people = studio.people.index_by(&:id)
          problems = input["entries"].each_with_index.flat_map { |entry, index| benchmark_problems(entry, people[entry["person_id"]], "/entries/#{index}") }
          problems += twice(input["entries"])
          problems << Sparrow::Problem.new(pointer: "/taken_on", message: Sparrow.say("server.people.is_not_here_yet")) if input["taken_on"] > (studio.today + 1).iso8601
          Sparrow::Refused.where(problems)
          studio.transaction do
            # Sheets that name the same people are written one after the other.
            studio.people.where(id: input["entries"].map { |entry| entry["person_id"] }).order(:id).lock.load
            pairs = input["entries"].map { |entry| [entry, people[entry["person_id"]].benchmarks.find_or_initialize_by(test: entry["test"], taken_on: input["taken_on"])] }
            refuse_overwriting(pairs)
            pairs.each { |entry, stored| stored.update!(studio_id: studio.id, instructor: instructor, variation: entry["variation"], amount: entry["amount"]) }
          end
        end

        # A result of the same day that whoever sends this has not seen is not written over. A result is its version and its
        # number: ten on the knees are not ten on the floor.
        # @raise [Http::Problems::Error] 409, with what stands there
        def refuse_overwriting(pairs)
          unseen = pairs.each_with_index.select { |(entry, stored), _| stored.persisted? && ![entry["was"], entry.slice(*RESULT.keys)].include?(stored.slice(*RESULT.keys)) }
          return if unseen.empty?
          errors = unseen.map { |(_, stored), index| Sparrow::Problem.new(pointer: "/entries/#{index}/amount", message: Sparrow.say("server.people.is_amount_version_name_now_entered_by", amount: stored.amount, version_name: version_name(stored.variation), n: stored.instructor&.name || Sparrow.say("server.people.somebody_else"))) }
          raise Http::Problems.conflict(Sparrow.say("server.people.somebody_else_entered_results_for_the"), errors: errors,
            theirs: unseen.map { |(entry, stored), _| entry.slice("person_id", "test").merge(stored.slice(*RESULT.keys)) })
        end

        def version_name(id) = studio.catalogue.variation(id)&.name || id

        def twice(entries)
          entries.each_with_index.group_by { |entry, _| entry.values_at("person_id", "test") }.values
            .flat_map { |same| same.drop(1) }.map { |_, index| Sparrow::Problem.new(pointer: "/entries/#{index}/test", message: Sparrow.say("server.people.stands_on_this_sheet_twice_for")) }
        end

        def benchmark_problems(entry, person, at)
          return [Sparrow::Problem.new(pointer: "#{at}/person_id", message: Sparrow.say("server.common.is_nobody_in_this_studio"))] unless person
          problems = Sparrow::Capacity::Benchmarks.validation_errors(entry["test"], entry["variation"], entry["amount"], at: at)
          problems << Sparrow::Problem.new(pointer: "#{at}/person_id", message: Sparrow.say("server.people.has_a_yes_in_the_screening")) if person.screening == "see_instructor"
          problems
        end
      end

      def self.registered(app)
        app.helpers Helpers

        app.get("/api/benchmarks") { render_json(benchmark_sheet) }

        app.post("/api/benchmarks", takes: FORM) do
          write_benchmarks(input)
          render_json(benchmark_sheet)
        end

        app.delete("/api/benchmarks/:id") do |id|
          Records::Benchmark.where(studio_id: studio.id).fetch(id).destroy!
          status 204
        end

        # The ten minutes as a circuit of the studio's.
        app.post("/api/benchmarks/circuit") do
          workout = Records::Workout.begin(studio, Sparrow::Preview.new(Sparrow::Capacity::Benchmarks.circuit, catalogue: studio.catalogue), by: instructor)
          render_json(Workouts::View.new(workout).to_h, status: 201)
        end
      end
    end
  end
end
