# frozen_string_literal: true

module Sparrow
  # A small moving figure for every version of the catalogue, solved from a few written poses.
  module Figure
  end
end
