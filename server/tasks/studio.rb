# frozen_string_literal: true

# The studios of this installation (bin/studio).
require_relative "../server"

# What is typed behind bin/studio.
class StudioCommand
  HELP = <<~TEXT
    bin/studio list                         every studio, with its people of the team
    bin/studio create                       a new one; it asks for everything
    bin/studio close ID                     nobody signs in to it any more; nothing is deleted
    bin/studio open ID                      open again
    bin/studio export ID FILE.zip           everything that is kept of it, as JSON and CSV
    bin/studio delete ID                    for good; it asks twice
  TEXT

  def initialize(arguments, input: $stdin, output: $stdout)
    @command, @id, @file = arguments
    @input = input
    @output = output
  end

  def call
    case @command
    when "list" then list
    when "create" then create
    when "close" then close(Time.now.utc, "is closed: nobody signs in to it any more.")
    when "open" then close(nil, "is open again.")
    when "export" then export
    when "delete" then delete
    when nil, "help", "--help", "-h" then @output.puts HELP
    else abort "bin/studio knows no #{@command}.\n\n#{HELP}"
    end
  end

  private

  def studio
    Server::Records::Studio.fetch(@id)
  rescue ActiveRecord::RecordNotFound
    abort "There is no studio #{@id}. bin/studio list shows them."
  end

  def list
    studios = Server::Records::Studio.order(:created_at).to_a
    @output.puts "There is none yet." if studios.empty?
    studios.each do |held|
      state = [("closed" if held.closed_at), ("the demo" if held.demo)].compact
      @output.puts "#{held.id}  #{held.name}#{"  (#{state.join(", ")})" if state.any?}, #{held.people.count} people"
      held.instructors.order(:name).each { |member| @output.puts "    #{member.name} <#{member.email}>, #{member.role}#{", disabled" if member.disabled_at}" }
    end
  end

  def ask(words)
    @output.print "#{words}: "
    @input.gets.to_s.chomp
  end

  def secret(words)
    return ask(words) unless @input.respond_to?(:noecho) && @input.tty?
    @output.print "#{words}: "
    @input.noecho(&:gets).to_s.chomp.tap { @output.puts }
  end

  QUESTIONS = {
    "studio" => "Name of the studio", "time_zone" => "Time zone, such as Europe/London", "date_locale" => "Language of dates, such as en-GB",
    "name" => "Name of its owner", "email" => "Their e-mail", "password" => "A password for them"
  }.freeze

  # What is wrong is asked again, the rest is kept.
  def create
    input = {}
    begin
      (QUESTIONS.keys - input.keys).each { |key| input[key] = (key == "password") ? secret(QUESTIONS[key]) : ask(QUESTIONS[key]) }
      Sparrow::Schema.read(Server::Studios::SetupRoutes::FORM, input.merge("code" => "-"))
      owner = Server::Studios::Founding.new(**input.transform_keys(&:to_sym)).call
    rescue Sparrow::Refused => refused
      refused.problems.each { |problem| warn "#{problem.pointer.delete_prefix("/").tr("_", " ").capitalize} #{problem.message}." }
      wrong = refused.problems.map { |problem| problem.pointer.delete_prefix("/") } & input.keys
      abort "Nothing was created." if wrong.empty? || @input.eof?
      wrong.each { |key| input.delete(key) }
      retry
    end
    @output.puts "#{owner.studio.name} is there: #{owner.studio.id}"
  end

  def close(at, words)
    held = studio
    held.transaction do
      held.update!(closed_at: at)
      Server::Records::SignIn.where(instructor_id: held.instructors.select(:id)).delete_all if at
    end
    @output.puts "#{held.name} #{words}"
  end

  def export
    abort "Say where to write it: bin/studio export ID FILE.zip" unless @file
    abort "#{@file} is there already." if File.exist?(@file)
    File.open(@file, File::WRONLY | File::CREAT | File::EXCL, 0o600) { |file| file.binmode.write(Server::Studios::Export.new(studio).bytes) }
    @output.puts "Written to #{@file}. Health notes are in it: keep it safe."
  rescue SystemCallError => reason
    abort "#{@file} cannot be written: #{reason.message[/\A[^@]+/].strip}."
  end

  def delete
    held = studio
    @output.puts "#{held.name} with #{held.people.count} people, #{held.workouts.count} circuits and #{held.runs.count} runs will be gone for good."
    abort "Nothing was deleted." unless ask("Type its name to go on") == held.name
    abort "Nothing was deleted." unless ask("Type DELETE to delete it for good") == "DELETE"
    gone = Server::Studios::Deletion.new(held).call
    @output.puts "Gone: #{gone.values.sum} rows."
  end
end

if $PROGRAM_NAME == __FILE__
  require "io/console"
  begin
    Server::Database.connect
    Server::KeyCheck.new.verify
    Server::Database.check_schema
  rescue Server::Settings::Missing, Server::KeyCheck::Wrong, Server::Database::WrongSchema => reason
    abort reason.message
  end
  StudioCommand.new(ARGV).call
end
