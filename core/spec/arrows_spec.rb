# frozen_string_literal: true

require "ripper"

# Which part of the core may name which other: each only what stands above it here.
# A part is a file of lib/sparrow and the folder of the same name.
RSpec.describe "The parts of the core" do
  order = [%w[values], %w[schema], %w[standards], %w[catalogue], %w[figure], %w[people], %w[plan], %w[capacity], %w[formats], %w[planning], %w[review fitting], %w[running], %w[logging],
    %w[published preview]]
  lib = File.expand_path("../lib/sparrow", __dir__)
  part_of = ->(path) { path.delete_prefix("#{lib}/").split("/").first.delete_suffix(".rb") }
  files = Dir["#{lib}/**/*.rb"].group_by(&part_of)
  constant = ->(name) { name.split("_").map(&:capitalize).join }
  names = files.keys.to_h { |part| [constant.call(part), part] }
  # What lies in values/ is named without its folder.
  files.fetch("values").each { |path| names[constant.call(File.basename(path, ".rb"))] = "values" }

  # @return [Array<String>] the parts that a source names, by their constants
  define_method(:named_in) do |source|
    tokens = Ripper.lex(source).reject { |token| %i[on_comment on_sp].include?(token[1]) }
    tokens.each_with_index.filter_map do |token, index|
      before = tokens[[index - 1, 0].max][2]
      nested = before == "::" && tokens[index - 2][2] != "Sparrow"
      names[token[2]] if token[1] == :on_const && !nested && !%w[module class].include?(before)
    end
  end

  it "all have a place in the order" do
    expect(order.flatten).to match_array(files.keys)
  end

  order.each_with_index do |parts, index|
    parts.each do |part|
      it "#{part} names only what stands before it" do
        allowed = order.first(index).flatten + [part]
        wrong = files.fetch(part).flat_map { |path| (named_in(File.read(path)) - allowed).map { |other| "#{path.delete_prefix("#{lib}/")} names #{other}" } }
        expect(wrong).to eq([])
      end
    end
  end

  it "would be found out" do
    expect(named_in("module Sparrow\n  class House\n    Plan.read(Level::ALL, Sparrow::Review, Other::Preview)\n  end\nend")).to eq(%w[plan values review])
  end
end
