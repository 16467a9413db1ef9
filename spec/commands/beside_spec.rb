# frozen_string_literal: true

require "open3"
require "tmpdir"
require_relative "../../server/spec/server_helper"

# The commands that run beside the application, before there is one.
RSpec.describe "The commands beside the application" do
  around do |example|
    Dir.mktmpdir do |folder|
      @folder = folder
      example.run
    end
  end

  # @return [Array(String, Boolean)] what it says, and whether it worked
  def run(name, *arguments, **environment)
    cleared = %w[DATABASE_URL SESSION_SECRET ENCRYPTION_SECRET].to_h { |setting| [setting, nil] }
    env = cleared.merge("SPARROW_STATE" => File.join(@folder, "state"), **environment.transform_keys(&:to_s))
    output, status = Bundler.with_unbundled_env { Open3.capture2e(env, File.join(Server::ROOT, "bin", name), *arguments, chdir: Server::ROOT) }
    [output, status.success?]
  end

  it "bin/restore makes no secret and no database where the backup's own secret is missing" do
    file = File.join(@folder, "backup").tap { |path| File.write(path, "a backup") }
    expect(run("restore", file)).to match([/Nothing was touched. First give the secret that the backup was written with/, false])
    expect(run("restore", "#{file}-of-nothing")).to match([/is not there/, false])
    expect(File.exist?(File.join(@folder, "state"))).to be(false)
  end

  it "bin/studio and bin/backup say what is missing, and make nothing" do
    expect(run("studio", "list")).to match([/There is no database yet/, false])
    expect(run("studio", "list", DATABASE_URL: "postgres://127.0.0.1/none")).to match([/ENCRYPTION_SECRET is not set, and there is no folder/, false])
    expect(run("backup")).to match([/Say where to write it/, false])
    expect(File.exist?(File.join(@folder, "state"))).to be(false)
  end
end
