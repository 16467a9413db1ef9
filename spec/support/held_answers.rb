# frozen_string_literal: true

# Holds the answers to one path until a spec lets them go. What is shown while
# one waits can then be looked at without a race against a clock.
class HeldAnswers
  # What system specs say.
  module Steps
    # @param made [Boolean] whether they are made at once and only told later, as of a slow network
    def hold_answers(path, made: false)
      HeldAnswers.current.hold(path, made: made)
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
    @made = false
    @waiting = 0
    @lock = Mutex.new
    @released = ConditionVariable.new
  end

  # @return [Integer] answers that wait
  attr_reader :waiting

  def call(env)
    answer = @app.call(env) if @made && env["PATH_INFO"] == @path
    @lock.synchronize do
      @waiting += 1 if @path && env["PATH_INFO"] == @path
      @released.wait(@lock) while @path && env["PATH_INFO"] == @path
    end
    answer || @app.call(env)
  end

  def hold(path, made: false)
    @lock.synchronize { @path, @made, @waiting = path, made, 0 }
  end

  def release
    @lock.synchronize do
      @path = nil
      @released.broadcast
    end
  end
end
