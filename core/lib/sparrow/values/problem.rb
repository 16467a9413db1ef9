# frozen_string_literal: true

module Sparrow
  # One thing wrong with what was given: where (a JSON Pointer, RFC 6901), and
  # what, in words for the person who typed it.
  class Problem < Value.of(:pointer, :message)
    # @return [Hash] as in an application/problem+json "errors" entry
    def to_h
      {"pointer" => pointer, "detail" => message}
    end
  end
end
