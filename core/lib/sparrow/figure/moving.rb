# frozen_string_literal: true

module Sparrow
  module Figure
    # A hand or a foot that holds in both poses: it stays, or goes from one place to the other in an arc.
    class Moving
      V = Vector
      ARC = {"feet" => 0.16, "hands" => 0.14}.freeze
      HIGHEST = 9.0

      # @param from [Solver::Key]
      # @param to [Solver::Key]
      # @param limb [Array(String, String)] feet or hands, and the side
      def initialize(from, to, limb)
        @from = from
        @to = to
        @kind, @side = limb
        @one, @other = [from, to].map { |key| key.limbs[limb] }
      end

      # @param share [Float] 0 at one pose, 1 at the other
      # @return [Solver::Held]
      def at(share)
        contact = (share < 0.5) ? @one.contact : @other.contact
        return Solver::Held.new(contact: contact, point: point(share)) unless @kind == "feet"
        contact = [@other.contact, @one.contact].find { |held| held.kind != "flat" } || contact
        raised = [[@from, @one], [@to, @other]].map { |key, held| Leg.raised(key.pose, @side, held.contact.kind) }
        Solver::Held.new(contact: contact, point: point(share), raised: raised[0] + (raised[1] - raised[0]) * share)
      end

      private

      def point(share)
        apart = V.distance(@one.point, @other.point)
        lift = (apart < InBetween::STILL || @other.contact.slides) ? 0 : [apart * ARC.fetch(@kind), HIGHEST].min * 4 * share * (1 - share)
        across = V.mix(@one.point, @other.point, share)
        [across[0], @one.point[1] + (@other.point[1] - @one.point[1]) * height(share) + lift, across[2]]
      end

      # Up first and then across; across first and then down: past the edge of a step.
      def height(share)
        (@other.point[1] > @one.point[1]) ? [share * 2.4, 1].min : [share * 2.4 - 1.4, 0].max
      end
    end
  end
end
