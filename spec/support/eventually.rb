# frozen_string_literal: true

# For what arrives at the server in its own time: asked again until it is so.
module Eventually
  # Not so yet.
  class NotYet < StandardError; end
end

RSpec::Matchers.define :eventually_be do |expected|
  supports_block_expectations

  match do |block|
    Capybara.current_session.document.synchronize(10, errors: [Eventually::NotYet]) do
      @actual = block.call
      raise Eventually::NotYet unless @actual == expected
      true
    end
  rescue Eventually::NotYet
    false
  end

  failure_message { "expected it to come to #{expected.inspect}; it stayed at #{@actual.inspect}" }
end
