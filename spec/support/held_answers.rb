# frozen_string_literal: true

# Holds the answers to one path until a spec lets them go. What is shown while
# one waits can then be looked at without a race against a clock.
class HeldAnswers
  # What system specs say.
  module Steps
    def hold_answers(path)
      HeldAnswers.current.hold(path)
    end

    def release_answers
      HeldAnswers.current.release
    end
  end

  class << self
    attr_accessor :current
  end

  def initialize(app)
    @app = app
    @path = nil
    @lock = Mutex.new
    @released = ConditionVariable.new
  end

  def call(env)
    @lock.synchronize { @released.wait(@lock) while @path && env["PATH_INFO"] == @path }
    @app.call(env)
  end

  def hold(path)
    @lock.synchronize { @path = path }
  end

  def release
    @lock.synchronize do
      @path = nil
      @released.broadcast
    end
  end
end
