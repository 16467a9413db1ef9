# frozen_string_literal: true

require_relative "server_helper"

# Requests to every route, made from sound ones by breaking something. FUZZ says
# how many (2,000 by default), FUZZ_SEED which; both are printed where it fails.
RSpec.describe "A fuzz over every route" do
  # Far more than anything takes, and far less than what would hold a server up; on two busy processors the first card of a
  # process was seen to take a second.
  long_s = 3
  # What is echoed of a broken draft is as broken as it came: the contract is held by the other specs.
  let(:app) { Server::Application.build(settings: Server::Settings.new({"ALLOWED_HOSTS" => "example.org"}), log: nil, throttled: false) }
  requests = Integer(ENV.fetch("FUZZ") { Thoroughness.of(2000, by_day: 4) })
  seed = Integer(ENV.fetch("FUZZ_SEED", Random.new_seed % 1_000_000))

  strange = [nil, true, false, 0, -1, 1, 2**31, 2**63, -(2**63), 10**40, 1.5, -0.0, 1e300, "", " ", "x", "x" * 300, "x" * 20_000, "nul\u0000", "\u202Eevil", "\u200B", "💥" * 50, "'; DROP TABLE people; --",
    "../../etc/passwd", "%00", "2026-02-30", "0000-01-01", "9999-12-31", "2026-11-24T18:30:00Z", "9999-12-31T23:59:59Z", "0000-01-01T00:00:00Z", "beginner", "push_up.floor", "main", "s1",
    [], [nil], [[]], [1] * 100, {}, {"a" => 1}, {"min" => 3, "max" => 1}, {"id" => "x"}]
  raw = ["", "{", "[]", "null", "\"x\"", "{\"a\":1e400}", "{\"a\":\"\\ud800\"}", "\xff\xfe{}", "{\"a\":#{"[" * 60}#{"]" * 60}}", "{\"email\":\"\u0000\"}", "1" * 5000, "{\"workout\":#{"{\"a\":" * 30}1#{"}" * 30}}"]

  define_method(:studio_with_things) do
    studio = signed_in_studio
    person = studio.people.create!(name: "Dov Abernethy", level: "beginner")
    block = intervals([station("s1", movement: "push_up"), station("s2")], rounds: 2)
    workout = make_workout(workout_document(block))
    held = send_json(:post, "/api/classes", {"workout_id" => workout["id"], "starts_at" => "2026-12-01T18:30:00Z", "people" => [person.id]})
    run = send_json(:post, "/api/classes/#{held["id"]}/run", {"client_key" => "fuzz-run-key"})
    place = studio.places.create!(name: "Boathouse")
    own = send_json(:post, "/api/movements", {"copy_of" => "squat"})
    @ids = {"version" => "squat.parallel", "workouts" => workout["id"], "people" => person.id, "classes" => held["id"], "runs" => run["id"], "places" => place.id, "movements" => own["id"], "benchmarks" => SecureRandom.uuid,
            "team" => studio.instructors.first.id, "invitations" => SecureRandom.uuid, "sign-ins" => SecureRandom.uuid, "person" => person.id, "block" => "main", "station" => "s1", "number" => "1",
            "token" => "x", "code" => "x", "name" => "index.js", "password-links" => "x", "cards" => "x"}
    document = workout["document"]
    @bodies = {
      "POST /api/session" => {"email" => "x@example.test", "password" => "x"}, "POST /api/preview" => {"workout" => document, "calls" => true}, "POST /api/workouts" => {"document" => document}, "POST /api/workouts/import" => {"file" => document.merge("movements" => [])},
      "PUT /api/workouts/:id" => {"document" => document, "lock_version" => 1}, "PUT /api/workouts/:id/tags" => {"tags" => ["a"], "was" => []}, "POST /api/people" => {"name" => "X", "level" => "beginner", "contact" => {"phone" => "1"}, "levels" => {"push" => "advanced"}},
      "PUT /api/people/:id" => {"name" => "X", "level" => "beginner", "version" => 1}, "PUT /api/people/:id/health" => {"consent" => true, "health" => {"limits" => [{"kind" => "knee", "severity" => "avoid"}]}, "version" => 1},
      "POST /api/people/limits" => {"limits" => [{"kind" => "knee", "severity" => "avoid", "until" => "2026-12-01"}]}, "POST /api/people/import" => {"csv" => "name,level\nAnn,beginner\n", "apply" => false},
      "POST /api/benchmarks" => {"taken_on" => "2026-11-01", "entries" => [{"person_id" => person.id, "test" => "push_ups", "variation" => "push_up.floor", "amount" => 9}]},
      "POST /api/places" => {"name" => "Barn", "kit" => {"mat" => 3}}, "PUT /api/places/:id" => {"name" => "Barn", "version" => 1},
      "POST /api/classes" => {"workout_id" => workout["id"], "starts_at" => "2026-12-02T18:30:00Z", "people" => [person.id], "also_at" => ["2026-12-09T18:30:00Z"]},
      "PUT /api/classes/:id" => {"lock_version" => 1, "starts_at" => "2026-12-02T18:30:00Z", "kit" => {"chair" => 2}}, "PUT /api/classes/:id/roster" => {"add" => [person.id]},
      "PUT /api/classes/:id/roster/:person" => {"present" => true, "sore" => ["knee"]}, "POST /api/classes/:id/newcomers" => {"name" => "New", "level" => "beginner"}, "POST /api/classes/:id/run" => {"client_key" => "12345678"},
      "PUT /api/classes/:id/fit/:person/:block/:station" => {"variation" => "push_up.floor", "number" => 5, "version" => 0}, "POST /api/classes/:id/needs" => {"take" => [{"block" => "main", "station" => "s1", "level" => "beginner", "variation" => "push_up.knees", "number" => 8}], "lock_version" => 1},
      "POST /api/runs" => {"workout_id" => workout["id"], "client_key" => "12345678"}, "POST /api/runs/:id/events" => {"id" => "6a1a2a52-3f47-4c4c-8f0c-0b2c9a3f6a11", "kind" => "changed", "at_ms" => 1_790_000_000_000, "at_s" => 3, "server_ahead_ms" => 0, "changes" => [{"kind" => "shorter", "what" => "rest", "by_s" => 5}]},
      "PUT /api/runs/:id/log" => {"submission_id" => "12345678", "log_version" => 0, "attendances" => [{"person_id" => person.id, "present" => true, "effort" => 5, "exceptions" => [{"block" => "main", "station" => "s1", "reps" => 3}]}]},
      "POST /api/planning/targets" => {"workout" => document, "block" => "main", "station" => "s1", "choose" => "numbers"}, "POST /api/planning/slot" => {"workout" => document, "minutes" => 30}, "POST /api/planning/loads" => {"workout" => document}, "POST /api/planning/conditions" => {"conditions" => {"no_kit" => true}}, "POST /api/planning/fixes" => {"workout" => document},
      "POST /api/planning/suggestion" => {"workout" => document, "kind" => "warm_up", "minutes" => 5}, "POST /api/planning/format" => {"block" => block, "format" => "rounds"},
      "PUT /api/house" => {"house" => {"reserve" => 3, "shares" => {"beginner" => 50}}, "bring" => [workout["id"]], "version" => 1}, "PUT /api/house/rules" => {"rule" => "one_plane", "off" => true}, "POST /api/house/touches" => {"house" => {"reserve" => 3}},
      "POST /api/movements" => {"copy_of" => "squat", "name" => "Mine"}, "PUT /api/movements/:id" => {"document" => {"id" => own["id"], "ladder" => [{"id" => "x"}]}, "version" => 1},
      "POST /api/team/invitations" => {"name" => "X", "email" => "x@example.test", "role" => "helper"}, "PUT /api/team/:id" => {"role" => "owner"},
      "PUT /api/studio" => {"name" => "X", "time_zone" => "UTC", "date_locale" => "en-GB", "audit_days" => 90, "retention_days" => 90, "version" => 1}, "DELETE /api/studio" => {"name" => "x", "password" => "x"},
      "POST /api/setup" => {"code" => "x", "studio" => "X", "time_zone" => "UTC", "date_locale" => "en-GB", "name" => "X", "email" => "x@example.test", "password" => "x" * 12}, "POST /api/password-links" => {"email" => "x@example.test"},
      "PUT /api/account" => {"name" => "Ottoline Varga"}, "PUT /api/account/password" => {"current" => "x", "password" => "y"}, "PUT /api/account/second-factor" => {"code" => "123456"}
    }
  end

  # One place of a body, whatever lies there.
  define_method(:broken) do |body, random|
    copy = Marshal.load(Marshal.dump(body))
    random.rand(1..2).times do
      holder = copy
      loop do
        keys = holder.is_a?(Hash) ? holder.keys : (0...holder.size).to_a
        break if keys.empty?
        key = keys.sample(random: random)
        deeper = holder[key].is_a?(Hash) || holder[key].is_a?(Array)
        if deeper && random.rand < 0.75
          holder = holder[key]
          next
        end
        case random.rand(4)
        when 0 then holder.delete(key) if holder.is_a?(Hash)
        when 1 then holder["unknown"] = 1 if holder.is_a?(Hash)
        else holder[key] = strange.sample(random: random)
        end
        break
      end
    end
    copy
  end

  define_method(:filled) do |pattern, random|
    parts = pattern.sub("*", "circuits").split("/")
    parts.each_with_index.map do |part, index|
      next part unless part.start_with?(":")
      next ["x", "0", "%00", "%ff", "%F0%9F%92%A5", "'", "..", "%2e%2e", "a" * 300, SecureRandom.uuid, "%", "-1"].sample(random: random) if random.rand < 0.25
      @ids.fetch((part == ":id") ? parts[index - 1] : part.delete_prefix(":"))
    end.join("/")
  end

  it "meets #{requests} requests (seed #{seed}) without a fault of ours, none of them taking #{long_s} s of work" do
    studio_with_things
    random = Random.new(seed)
    leaving = ["DELETE /api/session", "DELETE /api/account/sign-ins"]
    routes = Server::Http::Routes.declared.reject { |route| route.verb == "HEAD" || leaving.include?("#{route.verb} #{route.pattern}") }
    wrong = []
    slowest = [0, nil]
    requests.times do
      route = routes.sample(random: random)
      path = filled(route.pattern.to_s, random)
      sound = @bodies["#{route.verb} #{route.pattern}"]
      body = if sound then (random.rand < 0.1) ? raw.sample(random: random) : JSON.generate(broken(sound, random)) rescue "{}" # rubocop:disable Style/RescueModifier
      else ["{}", "", raw.sample(random: random)].sample(random: random)
      end
      query = ["", "", "", "page=#{strange.sample(random: random)}", "q=%ff", "offset=999999", "archived=true", "version=x", "before=never", "a[b]=1&a=2"].sample(random: random)
      started = Process.clock_gettime(Process::CLOCK_THREAD_CPUTIME_ID)
      custom_request(route.verb, "/", {}, "PATH_INFO" => path, "QUERY_STRING" => query.b, "CONTENT_TYPE" => (random.rand < 0.95) ? "application/json" : "text/plain", :input => body.b)
      took = Process.clock_gettime(Process::CLOCK_THREAD_CPUTIME_ID) - started
      slowest = [took, "#{route.verb} #{path}"] if took > slowest.first
      wrong << [status, route.verb, path, query, body[0, 300]] if status >= 500 || took > long_s
    end
    expect(wrong).to eq([])
    expect(slowest.first).to be < long_s
  end
end
