# frozen_string_literal: true

module Server
  module Print
    # Days and hours on paper, written as the studio chose and as its screens write them.
    # The names and patterns are the browser's (bin/support/date_names.mjs).
    class Dates
      FILE = File.join(ROOT, "server/data/dates.json")

      def self.all
        @all ||= JSON.parse(File.read(FILE)).freeze
      end

      # @param locale [String] one of Team::Contract::DATE_LOCALES
      def initialize(locale)
        @words = self.class.all.fetch(locale)
      end

      # @param time [Time] by the clock on the wall
      # @return [String] “Tuesday 24 November 2026”
      def whole(time)
        written("whole", time)
      end

      # @return [String] “24 November”
      def short(time)
        written("short", time)
      end

      # @return [String] “18:30”, or “06:30 PM” where that is how hours are written
      def hours(time)
        hour = @words["twelve"] ? (time.hour + 11) % 12 + 1 : time.hour
        format(@words["hours"], hour: format("%02d", hour), minute: format("%02d", time.min), dayPeriod: @words["noon"].fetch(time.hour / 12))
      end

      private

      def written(pattern, time)
        format(@words[pattern], weekday: @words["weekdays"].fetch(time.wday), day: time.day, month: @words["months"].fetch(time.month - 1), year: time.year)
      end
    end
  end
end
