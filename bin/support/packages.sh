# shellcheck shell=bash
# Debian packages: installed where we may, else named in the command to run.

pg_bin() {
  local found
  found=$(find /usr/lib/postgresql -maxdepth 2 -name bin 2>/dev/null | sort -V | tail -n 1)
  printf '%s' "$found"
}

# Chromium without its own windows; spec/support/browser.rb takes it where it is there.
HEADLESS_SHELL=/usr/lib/chromium/chromium-headless-shell

has_header() { ruby -rrbconfig -e 'exit File.exist?(File.join(RbConfig::CONFIG["rubyhdrdir"], "ruby.h"))' 2>/dev/null; }

# Of the libraries that Capybara's reader of pages is built with; its own copy of them takes a minute to compile.
has_xml_headers() { pkg-config --exists libxml-2.0 libxslt 2>/dev/null; }

# missing_packages [browser]: names what is not there yet.
missing_packages() {
  command -v ruby >/dev/null || printf 'ruby '
  { command -v ruby >/dev/null && has_header; } || printf 'ruby-dev '
  command -v bundle >/dev/null || printf 'ruby-bundler '
  { command -v cc >/dev/null && command -v make >/dev/null; } || printf 'build-essential '
  command -v pkg-config >/dev/null || printf 'pkg-config '
  [ -n "$(find /usr/include -maxdepth 2 -name libpq-fe.h 2>/dev/null)" ] || printf 'libpq-dev '
  [ -n "$(find /usr/include -maxdepth 2 -name yaml.h 2>/dev/null)" ] || printf 'libyaml-dev '
  [ -n "$(pg_bin)" ] || printf 'postgresql '
  command -v node >/dev/null || printf 'nodejs '
  command -v npm >/dev/null || printf 'npm '
  command -v curl >/dev/null || printf 'curl '
  if [ "${1:-}" = browser ]; then
    [ -x "$HEADLESS_SHELL" ] || [ -x /usr/bin/chromium ] || printf 'chromium '
    [ -x /usr/bin/chromedriver ] || printf 'chromium-driver '
    [ -x /usr/sbin/pgbouncer ] || printf 'pgbouncer '
    has_xml_headers || printf 'libxml2-dev libxslt1-dev '
  fi
}

# The words before a command that needs the rights of root; fails where this account cannot have them.
as_root() {
  [ "$(id -u)" -eq 0 ] && return 0
  command -v sudo >/dev/null && sudo -n true 2>/dev/null && printf 'sudo -n'
}

install_packages() {
  local packages as
  packages=$(missing_packages "${1:-}")
  if [ -z "$packages" ]; then
    say "nothing missing"
  else
    as=$(as_root) || {
      say "These Debian packages are missing, and this account may not install them. Run, then start again:"
      say ""
      say "    sudo apt-get update && sudo apt-get install -y $packages"
      return 1
    }
    command -v apt-get >/dev/null || { say "Install these with your system's package manager: $packages"; return 1; }
    # shellcheck disable=SC2086
    $as apt-get update -qq && $as env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $packages && say "installed $packages" || return 1
  fi
  spoken_calls
  [ "${1:-}" != browser ] || lighter_browser
}

# The voice for calls, where it can be had at once; without it they are tones.
spoken_calls() {
  command -v espeak-ng >/dev/null && return 0
  local as
  as=$(as_root) && command -v apt-get >/dev/null || return 0
  # shellcheck disable=SC2086
  timeout 60 $as env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends espeak-ng >/dev/null 2>&1 || say "no voice for calls: they are tones"
  return 0
}

# The headless shell of the driver's own version, where it can be had at once: the specs take an eighth less work
# with it. Without it they run in the whole browser.
lighter_browser() {
  [ -x "$HEADLESS_SHELL" ] && return 0
  local as version
  as=$(as_root) && version=$(dpkg-query -W -f '${Version}' chromium-driver 2>/dev/null) || return 0
  # shellcheck disable=SC2086
  timeout 60 $as env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "chromium-headless-shell=$version" >/dev/null 2>&1 || say "the specs run in the whole browser"
  return 0
}

check_versions() {
  ruby -e 'exit Gem::Version.new(RUBY_VERSION) >= Gem::Version.new("3.1")' || { say "Ruby 3.1 or newer is needed; this is $(ruby -v)"; return 1; }
  node -e 'process.exit(parseInt(process.versions.node) >= 20 ? 0 : 1)' || { say "Node 20 or newer is needed; this is $(node -v)"; return 1; }
  say "ruby $(ruby -e 'print RUBY_VERSION'), node $(node -v | tr -d v)"
}
