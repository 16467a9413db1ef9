# frozen_string_literal: true

RSpec.describe Sparrow::Sentence do
  let(:sentence) { Sparrow.say("plan.go_name", name: "Push-up") }

  it "is its code and its values, and a text wherever one is asked for" do
    expect([sentence.code, sentence.values]).to eq(["plan.go_name", {name: "Push-up"}])
    expect([sentence == "Go: Push-up", "Go: Push-up" == sentence, "#{sentence}!", JSON.generate([sentence]), sentence.frozen?]).to eq([true, true, "Go: Push-up!", '["Go: Push-up"]', true]) # rubocop:disable Style/YodaCondition
  end

  it "may hold another sentence, and says a word that has no text by its key" do
    expect(Sparrow.say("plan.go_name", name: Sparrow.say("plan.last_round")).to_s).to eq("Go: Last round")
    expect([Sparrow.word("lower_back"), Sparrow.word("left_ear")].map(&:to_s)).to eq(["lower back", "left ear"])
  end

  it "is a key as its text would be" do
    expect([{sentence => 1}[Sparrow.say("plan.go_name", name: "Push-up")], sentence.inspect, sentence.as_json]).to eq([1, '"Go: Push-up"', "Go: Push-up"])
  end

  it "chooses a plural form by its count" do
    expect([1, 2, 0].map { |count| Sparrow.say("common.rounds", count: count).to_s }).to eq(["1 round", "2 rounds", "0 rounds"])
  end

  it "says which text is missing" do
    expect { Sparrow.say("plan.nothing_of_the_kind").to_s }.to raise_error(KeyError, /plan.nothing_of_the_kind/)
  end
end
