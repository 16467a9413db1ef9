# frozen_string_literal: true

module Sparrow
  module People
    module Limits
      # What is kept private of a person: limits, the answers to the screening, a note.
      module Form
        S = Schema
        LIMIT = S::Record.new({
          "kind" => S::OneOf.new(*KINDS), "side" => S::OneOf.new(*SIDES), "severity" => S::OneOf.new(*SEVERITIES),
          "from" => S::Day.new, "until" => S::Day.new, "note" => S::Text.new(length: 0..300)
        }, required: %w[kind severity])
        SCREENING = S::Record.new({
          "answers" => S::Record.new(Screening.questions.to_h { |question| [question["id"], S::BooleanType.new] }), "answered_on" => S::Day.new,
          "cleared_on" => S::Day.new, "cleared_by" => S::Text.new(length: 0..120), "cleared_note" => S::Text.new(length: 0..300)
        }, required: %w[answers])
        HEALTH = S::Record.new({"limits" => S::List.new(LIMIT, size: 0..20, noun: "limits"), "screening" => SCREENING, "note" => S::Text.new(length: 0..2000)})

        # What a shape cannot say.
        # @param health [Hash] in the shape of HEALTH
        # @param today [Date] nothing is answered or cleared after it
        # @return [Array<Problem>] with pointers into it
        def self.validation_errors(health, today:, at: "")
          limits(health, at) + screening(health["screening"] || {}, today, at)
        end

        # @return [Array<Limit>]
        def self.limits_of(health)
          (health["limits"] || []).map do |input|
            Limit.new(kind: input["kind"], side: input["side"], severity: input["severity"], starts_on: day(input["from"]), ends_on: day(input["until"]))
          end
        end

        # @return [String] one of Screening::STATES
        def self.screening_state(health)
          input = health["screening"] || {}
          Screening.state(input["answers"] || {}, answered_on: day(input["answered_on"]), cleared_on: day(input["cleared_on"]))
        end

        def self.day(text)
          text && Date.iso8601(text)
        end

        def self.limits(health, at)
          (health["limits"] || []).each_with_index.filter_map do |limit, index|
            Problem.new(pointer: "#{at}/limits/#{index}/until", message: Sparrow.say("people.is_before_the_day_it_begins")) if limit["from"] && limit["until"] && limit["until"] < limit["from"]
          end
        end

        def self.screening(screening, today, at)
          answered, cleared = screening.values_at("answered_on", "cleared_on")
          [
            (["answered_on", Sparrow.say("people.is_missing_say_when_the_questions")] if screening["answers"]&.any? && answered.nil?),
            (["answered_on", Sparrow.say("people.is_not_here_yet")] if answered && answered > today.iso8601),
            (["cleared_on", Sparrow.say("people.is_not_here_yet")] if cleared && cleared > today.iso8601),
            (["cleared_on", Sparrow.say("people.is_before_the_answers_that_it")] if cleared && answered && cleared < answered)
          ].compact.map { |key, message| Problem.new(pointer: "#{at}/screening/#{key}", message: message) }
        end
        private_class_method :limits, :screening
      end
    end
  end
end
