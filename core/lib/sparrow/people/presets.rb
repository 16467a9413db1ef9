# frozen_string_literal: true

module Sparrow
  module People
    # Several limits set at once, as a beginning for what a professional has advised. They
    # are house choices with their sources, and they replace no advice.
    #
    # Pregnant and after birth: ACOG Committee Opinion 804 (2020). Thin bones: Sinaki and
    # Mikkelsen 1984, Giangregorio et al. 2014 (no loaded bending or twisting of the spine). High blood
    # pressure: MacDougall et al. 1985 (pressure in straining efforts).
    module Presets
      Preset = Value.row(:id, :kinds) do
        # @return [Sentence] "Pregnant"
        def words
          Sparrow.say("presets.#{id}")
        end

        # @return [Sentence] what is to be asked of a professional first
        def advice
          Sparrow.say("presets.#{id}_advice")
        end
      end

      ALL = [
        Preset.new("pregnant", %w[not_on_back not_face_down head_not_below_hips no_straining no_impact]),
        Preset.new("after_birth", %w[no_impact no_straining no_forward_bending no_twisting]),
        Preset.new("high_blood_pressure", %w[no_straining head_not_below_hips]),
        Preset.new("thin_bones", %w[no_forward_bending no_twisting no_impact]),
        Preset.new("unsteady", %w[needs_support no_impact])
      ].freeze
    end
  end
end
