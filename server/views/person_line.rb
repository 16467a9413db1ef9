# frozen_string_literal: true

module Server
  module Views
    # A participant in a list: a name and the lane they usually follow.
    class PersonLine
      include Alba::Resource

      attributes :id, :name, :lane
    end
  end
end
