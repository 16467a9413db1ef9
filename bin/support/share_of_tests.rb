# frozen_string_literal: true

# Prints the share of tests in the code: lines that are not blank, generated or data.
CODE = %w[*.rb *.ts *.vue *.css *.sh bin/* config.ru].freeze
NOT_CODE = %r{\A(core/data/|web/src/lib/api/schema\.ts|server/db/schema\.rb|docs/)}
TESTS = %r{(\A|/)spec/|_spec\.rb\z|\.test\.ts\z}

def lines(paths)
  paths.sum { |path| File.readlines(path, encoding: "UTF-8").count { |line| line.match?(/\S/) } }
end

files = IO.popen(["git", "ls-files", "-co", "--exclude-standard", "--", *CODE], &:read).split("\n").uniq
  .select { |path| File.file?(path) && path !~ NOT_CODE }
tests, code = files.partition { |path| path.match?(TESTS) }.map { |paths| lines(paths) }
puts format("Tests are %.0f %% of the code (%d of %d lines).", 100.0 * tests / (tests + code), tests, tests + code)
