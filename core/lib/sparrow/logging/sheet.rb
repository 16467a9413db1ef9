# frozen_string_literal: true

module Sparrow
  module Logging
    # The log sheet of a workout: its stations, what each level was to do there,
    # and the results that follow from the exceptions typed.
    class Sheet
      # @param workout [Plan::Workout]
      def initialize(workout, catalogue: Catalogue.house)
        @workout = workout
        @catalogue = catalogue
      end

      # @return [Array<Hash>] block, station, name, movement and per level what it was to do
      def stations
        @workout.each_station.map do |block, station|
          {"block" => block.id, "station" => station.id, "name" => station.name, "role" => block.role, "movement" => station.movement&.id, "optional" => station.optional, "rounds" => (1..block.round_count).count { |round| station.in_round?(round) },
           "levels" => Level::ALL.to_h { |level| [level, shown(PlannedTarget.of_level(station, level), station)] }}
        end
      end

      # @return [Array<Hash>] the blocks of which rounds and reps, or a finish time, can be logged
      def blocks
        @workout.blocks.select { |block| block.stations.any? && block.paced? }.map { |block| {"block" => block.id, "title" => block.name.to_s, "counts_rounds" => block.format.counts_rounds?} }
      end

      # @param typed [Array<Hash>] as in Form::BLOCK_RESULT
      # @param counted [Array<Hash>] what taps say
      # @return [Array<Hash>] of each block what was typed, else what was tapped
      # @raise [Refused] where one names a block of which none can be logged
      def block_results(typed, counted, at: "/blocks")
        known = blocks.map { |block| block["block"] }
        problems = typed.each_with_index.reject { |result, _| known.include?(result["block"]) }.map { |_, index| Problem.new(pointer: "#{at}/#{index}/block", message: Sparrow.say("logging.is_not_a_block_that_people_pace")) }
        Refused.where(problems)
        [*counted, *typed].group_by { |result| result["block"] }.values.map { |held| held.reduce(:merge) }
      end

      # Every station a person of this level met, as given or as typed. In a log,
      # an exception's variation, or else its level, is what they did instead.
      # @param level [String] a level
      # @param exceptions [Array<Hash>] as in Form::EXCEPTION
      # @param given [Hash{Array(String, String) => Given}] by block and station, where
      #   it was not the level's own way
      # @param counted [Hash{Array(String, String) => Integer}] reps tapped one by one while the run went on; 0 where others of its
      #   block were and it was not: then it was not reached
      # @param reached [Running::Reached, nil] what the run passed of the plan; nil where nothing says that it was not all
      # @param logged_faults [Array<String>] what this person's log already has; the version may have lost it since
      # @return [Array<Result>]
      # @raise [Refused] where an exception names a station that the workout has
      #   not, or one twice, a variation that the catalogue has not, or a fault that its version has not
      def results(level, exceptions, planned: {}, counted: {}, reached: nil, logged_faults: [], at: "/exceptions")
        problems = validation_errors(exceptions, at)
        Refused.where(problems)
        typed = exceptions.to_h { |exception| [exception.values_at("block", "station"), exception] }
        met(level, typed.merge(counted), reached).filter_map do |block, station|
          place = [block.id, station.id]
          next if counted[place] == 0 && typed[place].nil?
          target = planned[place] || PlannedTarget.of_level(station, level)
          rounds = rounds_done(block, station, level, reached: reached)
          result(place, station, up_to(rounds&.last, station, target), exception: typed[place], count: counted[place]).then { |result| result.with(**by_round(result, rounds, station, as_planned: target)) }
        end.tap { |results| check_faults(exceptions, results, logged: logged_faults, at: at) }
      end

      # @param reached [Running::Reached]
      # @return [Hash{String => Array<String>}] per level what the run did not reach, as "block/station"
      def not_reached(reached)
        Level::ALL.to_h do |level|
          [level, met(level, {}).reject { |block, station| reached.round(block.id, station.id, level) }.map { |block, station| "#{block.id}/#{station.id}" }]
        end
      end

      # @param given [Given]
      # @param station [Plan::Station, nil] whose parts the level has, where it has no version
      # @return [Hash] the same with the variation's name, or the parts'
      def shown(planned, station = nil)
        planned.to_h.except("level", "least").merge("name" => @catalogue.variation(planned.variation)&.name || station&.at(planned.level)&.name)
      end

      private

      # Stations that the level's own rounds reach, as far as the run did, and any that was typed or counted. A bonus is
      # done by who says so.
      def met(level, typed, reached = nil)
        @workout.each_station.select do |block, station|
          place = [block.id, station.id]
          next true if typed.key?(place)
          next if station.at(level).nil? || station.optional
          (1..block.rounds_for(level)).any? { |round| station.in_round?(round) } && (reached.nil? || quota?(station, level) || reached.round(*place, level))
        end
      end

      # A day's total has no clock.
      def quota?(station, level)
        !station.at(level)&.quota.nil?
      end

      # @return [Array<Integer>, nil] nil where no clock counts the rounds, or nothing says how many they were
      def rounds_done(block, station, level, reached:)
        return if block.format.counts_rounds? || station.at(level).nil? || quota?(station, level)
        planned = (1..block.rounds_for(level)).select { |round| station.in_round?(round) }
        done = reached ? planned & reached.rounds(block.id, station.id, level) : planned
        done if done.any?
      end

      # How many rounds, and the number of each where each has its own: a ladder's, where it was done as it stands in the plan.
      def by_round(result, rounds, station, as_planned:)
        return {} if result.skipped
        return {rounds: result.per_round.size} if result.per_round
        counts = station.counts&.fetch(result.level, nil)
        own = counts && rounds && result.planned && as_planned.reps == counts.values.last
        {rounds: rounds&.size, per_round: (counts.values_at(*rounds) if own)}
      end

      # Where each round has a number of its own, that of the last that was reached.
      def up_to(round, station, planned)
        counts = round && station.counts&.fetch(planned.level, nil)
        count = counts && counts.select { |held, _| held <= round }.values.last
        (count && planned.reps && count != planned.reps) ? planned.with(reps: count, least: count) : planned
      end

      def validation_errors(exceptions, at)
        known = @workout.each_station.to_h { |block, station| [[block.id, station.id], true] }
        seen = {}
        exceptions.each_with_index.flat_map do |exception, index|
          key = exception.values_at("block", "station")
          message = (Sparrow.say("logging.is_not_a_station_of_this") unless known[key]) || (Sparrow.say("logging.is_logged_twice") if seen[key])
          seen[key] = true
          [(Problem.new(pointer: "#{at}/#{index}/station", message: message) if message), variation_unknown(exception, "#{at}/#{index}/variation")].compact
        end
      end

      # What was seen is of the list of the version that was done.
      def check_faults(exceptions, results, logged:, at:)
        versions = results.to_h { |result| [[result.block, result.station], result.variation] }
        Refused.where(exceptions.each_with_index.flat_map do |exception, index|
          known = @catalogue.variation(versions[exception.values_at("block", "station")])&.faults&.map(&:see) || []
          seen = exception["faults"] || []
          (seen - known - logged).map { |fault| Problem.new(pointer: "#{at}/#{index}/faults/#{seen.index(fault)}", message: Sparrow.say("logging.is_not_a_fault_of_this_version")) }
        end)
      end

      def variation_unknown(exception, pointer)
        variation = exception["variation"]
        Problem.new(pointer: pointer, message: Sparrow.say("logging.is_not_a_version_in_the")) if variation && @catalogue.variation(variation).nil?
      end

      # What was typed goes before what was counted, and that before what was given.
      def result(place, station, planned, exception:, count:)
        typed = exception || {}
        done = (exception || count) ? instead(station, planned, typed) : planned
        skipped = exception ? typed["skipped"] || false : done.out?
        Result.new(
          block: place.first, station: place.last, level: done.level, variation: done.variation, skipped: skipped,
          least: (done.least unless count && typed["reps"].nil?), # nobody says that every tap was made
          reps: (typed["reps"] || typed["per_round"]&.last || count || done.reps unless skipped), seconds: (typed["seconds"] || done.seconds unless skipped),
          reps_left: typed["reps_left"], planned: exception.nil? && count.nil?, per_round: typed["per_round"], load_kg: typed["load_kg"] || (station.at(done.level)&.load_kg unless skipped), faults: typed["faults"]
        )
      end

      def instead(station, planned, exception)
        return PlannedTarget.of_variation(station, @catalogue.variation(exception["variation"]), planned.level) if exception["variation"]
        return PlannedTarget.of_level(station, exception["level"]) if exception["level"]
        planned.out? ? PlannedTarget.of_level(station, planned.level) : planned
      end
    end
  end
end
