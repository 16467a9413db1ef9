# shellcheck shell=bash
# Gems into the project, the front end's packages, and its build. Each is done
# again only when what it is made from has changed.

export BUNDLE_PATH="$ROOT/vendor/bundle" BUNDLE_FROZEN=true BUNDLE_SILENCE_ROOT_WARNING=1 BUNDLE_GEMFILE="$ROOT/Gemfile"

install_gems() {
  bundle check >/dev/null 2>&1 && { say "as locked"; return 0; }
  if has_xml_headers; then export BUNDLE_BUILD__NOKOGIRI=--use-system-libraries; fi
  bundle install --jobs 4 --retry 3 && say "as locked"
}

fingerprint() { cat "$@" 2>/dev/null | sha256sum | cut -c1-40; }

# done_before STAMP FINGERPRINT
done_before() { [ -f "$1" ] && [ "$(cat "$1")" = "$2" ]; }

install_web_packages() {
  local print stamp="$ROOT/web/node_modules/.installed"
  print=$(fingerprint "$ROOT/web/package-lock.json" "$ROOT/web/package.json")
  done_before "$stamp" "$print" && { say "as locked"; return 0; }
  (cd "$ROOT/web" && npm ci --no-audit --no-fund --loglevel=error) && printf '%s' "$print" >"$stamp" && say "as locked"
}

web_sources() {
  find "$ROOT/web/src" "$ROOT/web/public" -type f ! -path '*/api/schema.ts' ! -name '*.test.ts' 2>/dev/null | sort
  printf '%s\n' "$ROOT/web/index.html" "$ROOT/web/vite.config.ts" "$ROOT/web/package-lock.json" "$ROOT/docs/openapi.yaml"
}

build_web() {
  local print stamp="$ROOT/web/dist/.built"
  print=$(web_sources | tr '\n' '\0' | xargs -0 cat | sha256sum | cut -c1-40)
  done_before "$stamp" "$print" && { say "up to date"; return 0; }
  (cd "$ROOT/web" && npm run --silent types && npm run --silent build) && printf '%s' "$print" >"$stamp" && say "built"
}
