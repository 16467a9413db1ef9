# frozen_string_literal: true

# What is told with an example that failed: where each browser is, what stands there, and which requests were refused or
# went wrong. A failure that does not come again says by itself what it was.
class Trouble
  KEPT = 12

  class << self
    # @return [Array<String>] the last requests that were not answered well
    def answers = @answers ||= []

    # @return [String]
    def told
      pages = Capybara.current_session.then { |own| Capybara.send(:session_pool).values | [own] }.map { |session| page_of(session) }
      ["", *pages, *answers.map { |line| "  #{line}" }].join("\n")
    end

    private

    def page_of(session)
      "  #{session.current_url}: #{session.evaluate_script("document.body.innerText").to_s.gsub(/\s+/, " ")[0, 600]}"
    rescue => error
      "  a browser that cannot be asked: #{error.class}"
    end
  end

  def initialize(app)
    @app = app
  end

  def call(env)
    @app.call(env).tap do |status, _, _|
      next if status < 400
      self.class.answers << [env["REQUEST_METHOD"], env["PATH_INFO"], status, env["sparrow.error"]].compact.join(" ")
      self.class.answers.shift if self.class.answers.size > KEPT
    end
  end
end
