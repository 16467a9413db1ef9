# frozen_string_literal: true

require "open3"
require "rbconfig"

RSpec.describe "The core" do
  let(:lib) { File.expand_path("../lib", __dir__) }

  it "loads alone, without a web framework or a database" do
    script = <<~RUBY
      require "sparrow"
      Sparrow.eager_load
      print %w[Sinatra ActiveRecord Rack PG].select { |name| Object.const_defined?(name) }.join(",")
    RUBY
    output, status = Open3.capture2e(RbConfig.ruby, "-I", lib, "-e", script)
    expect([output, status.success?]).to eq(["", true])
  end

  it "requires nothing but its own files and three gems" do
    required = Dir[File.join(lib, "**", "*.rb")].flat_map { |file| File.read(file).scan(/^require "([^"]+)"/) }.flatten.uniq
    expect(required).to match_array(%w[date digest forwardable hana i18n json yaml zeitwerk])
  end

  it "freezes what it hands out" do
    movement = Sparrow::Catalogue.house.movement("squat")
    expect { movement.ladder << 1 }.to raise_error(FrozenError)
    expect { movement.name.upcase! }.to raise_error(FrozenError)
  end

  # Who reads a call knows what its arguments are: from the fourth on they are named. Rows, of which
  # thousands are made, take theirs in the order of their columns.
  it "takes no more than three positional arguments anywhere" do
    Sparrow.eager_load
    parts = ObjectSpace.each_object(Module).select { |part| part.name.to_s.start_with?("Sparrow::") }
    methods = parts.flat_map { |part| (part.instance_methods(false) + part.private_instance_methods(false)).map { |name| part.instance_method(name) } + part.singleton_methods(false).map { |name| part.method(name) } }
    long = methods.select { |method| method.source_location&.first.to_s.start_with?(lib) && !method.source_location.first.end_with?("/value.rb") && method.parameters.count { |kind, _| %i[req opt].include?(kind) } > 3 }
    expect(methods.size).to be > 1000
    expect(long.map { |method| "#{method.owner}##{method.name}" }).to eq([])
  end
end
