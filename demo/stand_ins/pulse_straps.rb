# frozen_string_literal: true

# In the place of pulse straps and their bridge: sends beats of everybody who has agreed, by the interface that a real bridge would use.
#
#   ruby demo/stand_ins/pulse_straps.rb http://127.0.0.1:9292 TOKEN
#
# The token is on the instructor's view (“Pulse straps”). Ctrl-C ends it.
require "json"
require "net/http"

address, token = ARGV
abort "Say the address and the token: ruby demo/stand_ins/pulse_straps.rb http://127.0.0.1:9292 TOKEN" unless address && token

EVERY_S = 2
uri = URI("#{address}/api/pulse")
headers = {"authorization" => "Bearer #{token}", "content-type" => "application/json"}
# Each goes up and down about a level of their own, as people do who work and rest.
pulses = Hash.new { |known, id| known[id] = 95 + id.sum % 45 }
Net::HTTP.start(uri.host, uri.port, use_ssl: uri.scheme == "https") do |http|
  loop do
    answer = http.get(uri.path, headers)
    abort "#{answer.code}: #{JSON.parse(answer.body)["detail"]}" unless answer.code == "200"
    beats = JSON.parse(answer.body)["wearers"].map { |id| {person_id: id, bpm: (pulses[id] = (pulses[id] + rand(-6..6)).clamp(60, 190))} }
    puts beats.any? ? "sent #{http.post(uri.path, JSON.generate(beats: beats), headers).body}" : "nobody has agreed yet"
    sleep EVERY_S
  end
end
