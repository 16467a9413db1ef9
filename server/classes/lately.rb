# frozen_string_literal: true

module Server
  module Classes
    # For whom a class comes too soon after another, or is a week with too much more than the last.
    class Lately
      # Two weeks and the class's own day.
      DAYS = 15

      # @param group_class [Records::GroupClass]
      def initialize(group_class)
        @group_class = group_class
        @studio = group_class.studio
        @lately = Sparrow::Review::Lately.new(Sparrow::Plan::Timeline.compile(Sparrow::Plan.read(group_class.document, catalogue: @studio.catalogue)), at: group_class.starts_at)
      end

      # @return [Array<Hash>] "what", "why" and "people" (names)
      def findings
        [*too_soon, rise].compact
      end

      private

      def people
        @people ||= @group_class.coming.map(&:person).map { |person| [person.name, person.level, done.fetch(person.id, [])] }
      end

      # @return [Hash{String => Array<Sparrow::Review::Lately::Done>}] by person, of other classes
      def done
        @done ||= begin
          from = @group_class.starts_at - DAYS.days
          runs = @studio.runs.kept.where(started_at: from..@group_class.starts_at).where("group_class_id IS DISTINCT FROM ?", @group_class.id).includes(:attendances, :events).to_a
          logged = Records::Result.done_at(runs.flat_map(&:attendances))
          runs.flat_map { |run| run.attendances.select(&:present).map { |held| [held.person_id, did(run, held, logged[held.id])] } }
            .group_by(&:first).transform_values { |pairs| pairs.map(&:last) }
        end
      end

      # What the log says of them; without a word of it, what of the plan was reached while they were there.
      def did(run, held, logged)
        timeline = run.reached_by(held.person_id)&.timeline || run.timeline
        timeline = Sparrow::Logging::AsLogged.of(timeline, held.level, logged, plan: run.timeline, catalogue: @studio.catalogue) if logged
        Sparrow::Review::Lately::Done.new(run.started_at, timeline, held.level)
      end

      def too_soon
        found = people.filter_map { |name, level, held| (patterns = @lately.too_soon(level, held)).any? && [patterns, name] }
        found.group_by(&:first).map do |patterns, pairs|
          {"what" => Sparrow.say("server.classes.worked_hard_two_days_before", patterns: Sparrow::Planning::Suggest.list(patterns)).to_s, "why" => Sparrow.say("server.classes.hard_work_takes_two_days").to_s, "people" => pairs.map(&:last)}
        end
      end

      def rise
        names = people.filter_map { |name, level, held| name if @lately.rise(level, held) }
        {"what" => Sparrow.say("server.classes.a_fifth_more_than_last_week").to_s, "why" => Sparrow.say("server.classes.a_week_grows_by_a_fifth").to_s, "people" => names} if names.any?
      end
    end
  end
end
