# frozen_string_literal: true

require "rqrcode"

module Server
  module Screens
    # The other screens of a run: their addresses, each with a code to be scanned. What the instructor's own show is for who is signed in there.
    class View
      # @param run [Records::Run]
      # @param address [String] where browsers reach us
      def initialize(run, address)
        @run = run
        @address = address
      end

      # @return [Hash] "hall" (nil where it is not open), "remote", and "mine" of a class
      def to_h
        hall = HallCode.of(@run)
        {
          "hall" => hall && screen("/hall/#{hall}").merge("code" => hall, "until" => Http::Json.instant(@run.hall_code.until)),
          "remote" => screen("/runs/#{@run.id}/remote"), "mine" => @run.group_class_id && screen("/classes/#{@run.group_class_id}/run/#{@run.id}")
        }
      end

      private

      def screen(path)
        url = "#{@address}#{path}"
        {"url" => url, "svg" => RQRCode::QRCode.new(url, level: :l).as_svg(module_size: 4, use_path: true, viewbox: true, offset: 16, fill: "ffffff", color: "000000")}
      end
    end
  end
end
