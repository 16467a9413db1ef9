# frozen_string_literal: true

module Server
  module People
    # A participant in a list: a name and the lane they usually follow.
    class Line
      include Alba::Resource

      attributes :id, :name, :lane
    end
  end
end
