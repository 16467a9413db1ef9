# frozen_string_literal: true

module Server
  module Places
    # Where classes are, and what is there.
    module Routes
      S = Sparrow::Schema
      PIECES = %w[chair bench step bar table band bottle mat].freeze
      KIT = S::Record.new(PIECES.to_h { |piece| [piece, S::IntegerType.new(0..200)] })
      FIELDS = {
        "name" => S::Text.new(length: 1..80, form: /\S/, says: Sparrow.say("server.places.must_not_be_empty")), "address" => S::Text.new(length: 0..200), "defibrillator" => S::Text.new(length: 0..200),
        "first_aid" => S::Text.new(length: 0..200), "space" => S::Text.new(length: 0..200), "surface" => S::Text.new(length: 0..200), "kit" => KIT,
        "width_m" => S::IntegerType.new(2..100, "metres"), "depth_m" => S::IntegerType.new(2..100, "metres")
      }.freeze
      FORM = S::Record.new(FIELDS, required: %w[name])
      CHANGE = S::Record.new(FIELDS.merge("version" => People::Contract::VERSION), required: %w[name version])

      def self.registered(app)
        app.get("/api/places") { render_json({"places" => studio.places.in_use.map { |place| Places::View.new(place).to_h }, "pieces" => PIECES}) }

        app.post("/api/places", takes: FORM) do
          render_json(Places::View.new(studio.places.create!(input)).to_h, status: 201)
        end

        app.put("/api/places/:id", takes: CHANGE) do |id|
          place = studio.places.fetch(id)
          Http::Versions.change(place, input["version"], Sparrow.say("server.places.this_place_was"), theirs: -> { Places::View.new(place).to_h }) do
            place.update!({"address" => "", "defibrillator" => "", "first_aid" => "", "space" => "", "surface" => "", "kit" => nil, "width_m" => nil, "depth_m" => nil, **input.except("version")})
          end
          render_json(Places::View.new(place).to_h)
        end

        app.delete("/api/places/:id") do |id|
          studio.places.fetch(id).update!(archived_at: Time.now.utc)
          status 204
        end
      end
    end
  end
end
