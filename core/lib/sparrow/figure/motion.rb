# frozen_string_literal: true

module Sparrow
  module Figure
    # A version's figure: its key poses, solved, and the steps between them with their length.
    # What the file says of it: `start` and then phases in their order, each a pose or a list of poses
    # (a name of poses.yml, or keys with `from:`), or `hold` alone; `both` is added to each.
    class Motion
      # +from+ and +to+ are keys; +phase+ is its name; +seconds+ how long it takes; +pause+ how long it then stays.
      Step = Value.of(:from, :to, :phase, :seconds, :pause, :mirrored)
      PHASES = %w[start lower lift hold out in turn step reach press pull open close circle back].freeze
      SETTINGS = %w[both props view swift once crop travel as faults ends explained].freeze
      RETURNS = {"lower" => "lift", "lift" => "lower", "out" => "in", "open" => "close", "press" => "back", "pull" => "back", "step" => "back"}.freeze
      # Seconds of a step where no tempo is written.
      USUAL = 0.7
      SWIFT = 0.28

      attr_reader :variation, :written, :scene, :keys

      # @param written [Hash] the version's entry in its file
      # @param poses [Hash{String => Hash}] the base poses
      # @param variation [Catalogue::Variation]
      def initialize(written, poses, variation)
        @written = written
        @poses = poses
        @variation = variation
        @scene = Scene.new(written["props"])
        unknown = written.keys - PHASES - SETTINGS
        raise ArgumentError, "#{variation&.id}: #{unknown.join(", ")} is no phase and no setting" if unknown.any?
        @solver = Solver.new(@scene)
        @keys = solved
        freeze
      end

      # @return [String] side, front, back or quarter
      def view
        @written["view"] || "side"
      end

      # @return [Boolean]
      def still?
        @keys.size == 1
      end

      # @return [Array<Step>] once through, back to where it began
      def steps
        return [] if still?
        pairs = @keys.each_cons(2).map { |(_, from), (phase, to)| [phase, from, to] }
        pairs << [RETURNS.fetch(pairs.last.first, "back"), @keys.last.last, @keys.first.last] unless closed?
        timed(pairs) + (mirrored? ? timed(pairs).map { |step| step.with(mirrored: true) } : [])
      end

      # @return [Boolean] whether the other side follows
      def mirrored?
        @variation&.alternating? && !@written["once"] && !still?
      end

      # @return [String] changes with any of the solved key poses
      def digest
        lines = @keys.map { |phase, key| [phase, *key.bones.points.sort.map { |name, point| [name, *point.map { |number| number.round(1) + 0.0 }].join(" ") }].join("\n") }
        Digest::SHA256.hexdigest([*lines, @written.except("faults", "explained").to_a.inspect].join("\n"))[0, 12]
      end

      # @param written [Hash, String] one more pose of this figure, such as a fault
      # @return [Solver::Key]
      def pose(written)
        @solver.key(read(written), @keys.last.last)
      rescue ArgumentError, KeyError => error
        raise ArgumentError, "#{@variation&.id}: #{error.message}"
      end

      private

      def closed?
        @written["ends"] || @keys.first.last.bones.points.all? { |name, point| Vector.distance(point, @keys.last.last.bones[name]) < 0.5 }
      end

      # @return [Array<Array(String, Solver::Key)>]
      def solved
        before = nil
        @written.except(*SETTINGS).flat_map do |phase, poses|
          (poses.is_a?(Array) ? poses : [poses]).map do |pose|
            key = @solver.key(read(pose), before)
            before = key
            [phase, key]
          end
        end
      rescue ArgumentError, KeyError => error
        raise ArgumentError, "#{@variation&.id}: #{error.message}"
      end

      # @return [Pose]
      def read(written)
        written = {"from" => written} if written.is_a?(String)
        pose = named(written["from"])
        pose = pose.with(@written["both"]) if @written["both"]
        pose.with(written.except("from"))
      end

      def named(name)
        return Pose::LIMP if name.nil?
        return named(name.delete_prefix("~")).mirrored if name.start_with?("~")
        written = @poses.fetch(name) { raise ArgumentError, "there is no pose #{name}" }
        base = written["from"] ? named(written["from"]) : Pose::LIMP
        base.with(written.except("from"))
      end

      # Each phase of a tempo lasts as long as the tempo says; without one, a step is as long as is usual.
      def timed(pairs)
        tempo = @variation&.counted? ? @variation.tempo : nil
        counts = pairs.map(&:first).tally
        pairs.each_with_index.map do |(phase, from, to), index|
          whole = if tempo
            length_of(tempo, phase, index.zero?) / counts[phase]
          else
            (@written["swift"] ? SWIFT : USUAL)
          end
          last = pairs[index + 1]&.first != phase
          Step.new(from: from, to: to, phase: phase, seconds: [whole, 0.12].max, pause: (last && tempo) ? pause_after(tempo, phase, index.zero?) : 0)
        end
      end

      def length_of(tempo, phase, first)
        return tempo.lower_s.to_f if phase == "lower"
        return tempo.lift_s.to_f if phase == "lift"
        (first ? tempo.lower_s : tempo.lift_s).to_f
      end

      def pause_after(tempo, phase, first)
        return tempo.low_pause_s.to_f if phase == "lower"
        return tempo.top_pause_s.to_f if phase == "lift"
        (first ? tempo.low_pause_s : tempo.top_pause_s).to_f
      end
    end
  end
end
