# ./hojaldre bench [NAME]: benchmarks, one JSON object a line: name, median_ms, runs, ratio where two things are compared, note.
source "$ROOT/ops/lib/install.sh"
source "$ROOT/ops/lib/database.sh"
source "$ROOT/ops/lib/instance.sh"

# as php-fpm is shipped: ops/php
JIT=(-d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M)
BENCHES=(core bake practice ranges pies fuzz batch day book cli api edit script)

run_bench() {
    local wanted=("${BENCHES[@]}") name
    if [ $# -gt 0 ]; then
        [[ " ${BENCHES[*]} " == *" $1 "* ]] || fail "There is no benchmark \"$1\"." "There are: ${BENCHES[*]}."
        wanted=("$1")
    fi
    install_everything >&2
    for name in "${wanted[@]}"; do "bench_$name"; done
}

bench_core() { php "${JIT[@]}" tools/bench/core.php; }

# Every mode of the JIT from the shell, then php-fpm as shipped.
bench_bake() {
    local mode
    php -d opcache.enable_cli=0 tools/bench/bake.php 'shell, no opcache'
    for mode in off function tracing; do
        php -d opcache.enable_cli=1 -d opcache.jit_buffer_size=64M -d "opcache.jit=$mode" tools/bench/bake.php "shell, JIT $mode"
    done
    find_run_user
    HOJALDRE_FPM=$(fpm_socket bench) with_app node tools/bench/bake.mjs
}

bench_practice() { php "${JIT[@]}" tools/bench/practice.php; }

bench_ranges() { php "${JIT[@]}" tools/bench/ranges.php; }

bench_pies() { php "${JIT[@]}" -d memory_limit=512M tools/bench/pies.php; }

bench_fuzz() { php "${JIT[@]}" -d memory_limit=512M tools/bench/fuzz.php; }

bench_batch() { php "${JIT[@]}" tools/bench/batch.php; }

# Small days against an exact solver (20 s each are enough for nearly all), then large ones.
bench_day() {
    php "${JIT[@]}" tools/bench/day.php small "${HOJALDRE_DAYS:-100}" | EXACT_SECONDS=20 node tools/bench/day-exact.mjs
    php "${JIT[@]}" tools/bench/day.php large
}

bench_cli() { php tools/bench/cli.php; }

bench_script() { node tools/bench/script.mjs; }

bench_api() { with_app node tools/bench/api.mjs; }

# A kitchen with 5,000 bakes; the first time it is written, which takes a few minutes.
bench_book() {
    only_one_at_a_time
    start_database
    have_database hojaldre_book
    write_settings book hojaldre_book
    prepare_instance book
    (cd "$CODE" && HOJALDRE_INSTANCE="$INSTANCES/book" as_app php "${JIT[@]}" tools/bench/book.php)
}

bench_edit() {
    install_packages "${TEST_PACKAGES[@]}" >&2
    with_app node tools/bench/edit.mjs
}

# with_app CMD...: run it with the address of the app as shipped, on a database of its own.
with_app() {
    only_one_at_a_time
    start_database
    have_database hojaldre_bench fresh
    write_settings bench hojaldre_bench
    prepare_instance bench
    artisan bench kitchen:open-first --demo >/dev/null
    trap 'stop_instance bench' EXIT
    start_instance bench "$(first_free_port 8720)"
    "$@" "http://127.0.0.1:$(cat "$INSTANCES/bench/port")"
    stop_instance bench
}
