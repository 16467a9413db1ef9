# frozen_string_literal: true

module Sparrow
  module Plan
    # A block's line for another block of the same shape: one whose stations take the same places
    # for the same seconds, and do something else there. Who types a number moves nothing on the clock.
    class Relaid
      # @param line [BlockLine] of a block of the same shape
      # @param block [Block]
      def initialize(line, block)
        @line = line
        @block = block
        @now = {}.compare_by_identity
        line.block.stations.zip(block.stations) { |before, now| @now[before] = now unless before.equal?(now) }
      end

      # @return [BlockLine] as laying out the block would make it
      def call
        @line.with(
          block: @block, lanes: @line.lanes.transform_values { |segments| segments.map { |segment| segment(segment) }.freeze }.freeze,
          visits: @line.visits.transform_values { |visits| visits.map { |visit| visit(visit) } }.freeze,
          windows: @line.windows.map { |window| window(window) }.freeze
        )
      end

      # @return [Array<String>] levels that do in the block what they did in the other
      def same_levels
        return [] unless @now.all? { |before, now| before.movement.equal?(now.movement) && before.parts == now.parts && before.counts == now.counts }
        same = Level::ALL.select { |level| @now.all? { |before, now| before.at(level) == now.at(level) } }
        (@block.escalate && same.size < Level::ALL.size) ? [] : same
      end

      # @return [Boolean] whether all do the same movements in the block in the same order as in the other, whatever their numbers
      def same_order?
        same?(BLOCK, @line.block, @block) && @now.all? do |before, now|
          same?(STATION, before, now) && before.levels.keys == now.levels.keys && before.levels.all? { |level, prescription| same_work?(prescription, now.at(level)) }
        end
      end

      # All but what is compared by itself, and what does not count.
      BLOCK = (Block.members - %i[stations]).freeze
      STATION = (Station.members - %i[levels]).freeze
      PRESCRIPTION = (Prescription.members - %i[reps note]).freeze
      private_constant :BLOCK, :STATION, :PRESCRIPTION

      private

      def same_work?(before, now)
        before.reps.nil? == now.reps.nil? && same?(PRESCRIPTION, before, now)
      end

      # What is one object needs no comparing: versions and movements mostly are.
      def same?(members, before, now)
        members.all? { |member| before[member].equal?(now[member]) || before[member] == now[member] }
      end

      def segment(segment)
        station = @now[segment.station] or return segment
        Segment.new(segment.kind, segment.start_s, segment.seconds, station, segment.round, segment.side, segment.level)
      end

      def visit(visit)
        station = @now[visit.station] or return visit
        prescription = station.at(visit.prescription.level)
        Visit.new(station, visit.round, prescription, prescription.reps_counted, visit.start_s, visit.work_s)
      end

      def window(window)
        station = @now[window.station]
        prescriptions = station ? window.prescriptions.transform_values { |before| station.at(before.level) } : window.prescriptions
        Window.new(@block, station || window.station, window.round, window.part, window.start_s, window.seconds, window.stops, window.switch_s, prescriptions)
      end
    end
  end
end
