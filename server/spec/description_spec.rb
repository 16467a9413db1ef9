# frozen_string_literal: true

require_relative "server_helper"

RSpec.describe Server::Http::Description do
  let(:text) { File.read(File.join(Server::ROOT, "docs/openapi.yaml")) }
  let(:description) { YAML.safe_load(text, aliases: true) }

  it "is what the routes take now (bin/describe writes it)" do
    expect(described_class.with_bodies(text)).to eq(text)
  end

  it "knows every operation that takes a body, and no other" do
    described = description["paths"].flat_map { |path, operations| operations.filter_map { |verb, operation| [verb.upcase, path] if operation.is_a?(Hash) && operation["requestBody"] } }
    taking = Server::Http::Routes.declared.select(&:takes).map { |route| [route.verb, route.pattern.gsub(/:(\w+)/, '{\1}')] }
    expect(described).to match_array(taking)
  end

  it "says what must be there, what may be null, and what a part is called elsewhere" do
    person = described_class.components(description).fetch("PersonForm")
    expect(person["required"]).to eq(%w[name level])
    expect(person["properties"]).to include("level" => {"$ref" => "#/components/schemas/Level"})
    expect(person.dig("properties", "birth_year", "type")).to eq(%w[integer null])
  end

  it "fails for a route whose body it does not know" do
    description["paths"]["/api/people"]["post"].delete("requestBody")
    expect { described_class.components(description) }.to raise_error(KeyError, %r{POST /api/people})
  end

  it "leaves no list of its own in the place of a name" do
    expect(text).not_to include("Africa/Abidjan")
  end
end
