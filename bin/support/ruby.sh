# How Ruby runs the server: compiled as it goes, and with room after each collection for what some hundreds of
# requests make. By its own measure it collects every few requests: a quarter of the time of a preview.
SERVER_ENV=("RUBYOPT=${RUBYOPT:---yjit}")
for SETTING in HEAP_FREE_SLOTS=600000 MALLOC_LIMIT=67108864 MALLOC_LIMIT_MAX=134217728 OLDMALLOC_LIMIT=134217728 OLDMALLOC_LIMIT_MAX=268435456; do
  NAME="RUBY_GC_${SETTING%%=*}"
  SERVER_ENV+=("$NAME=${!NAME:-${SETTING#*=}}")
done
