# ./hojaldre bench [NAME]: benchmarks, one JSON object a line: name, median_ms, runs, ratio where two things are compared, note.
source "$ROOT/ops/lib/install.sh"
source "$ROOT/ops/lib/database.sh"
source "$ROOT/ops/lib/instance.sh"

BENCHES=(core bake same practice ranges pies fuzz batch day book cli api edit script)

run_bench() {
    local wanted=("${BENCHES[@]}") name
    if [ $# -gt 0 ]; then
        [[ " ${BENCHES[*]} " == *" $1 "* ]] || fail "There is no benchmark \"$1\"." "There are: ${BENCHES[*]}."
        wanted=("$1")
    fi
    install_everything >&2
    for name in "${wanted[@]}"; do "bench_$name"; done
}

bench_core() { as_shipped php tools/bench/core.php; }

# With and without the JIT from the shell, then php-fpm as shipped.
bench_bake() {
    local mode
    as_shipped php -d opcache.enable_cli=0 tools/bench/bake.php 'shell, no opcache'
    for mode in disable function; do
        as_shipped php -d "opcache.jit=$mode" tools/bench/bake.php "shell, JIT $mode"
    done
    find_run_user
    HOJALDRE_FPM=$(fpm_socket bench) with_app node tools/bench/bake.mjs
}

# The same answers without any JIT and by long-lived workers as shipped, to the last digit: SAME_DESIGNS designs, all phrases, recipes, plans, prep lists.
bench_same() {
    find_run_user
    HOJALDRE_CODE=$CODE HOJALDRE_FPM=$(fpm_socket bench) with_app node tools/same/same.mjs
}

bench_practice() { as_shipped php tools/bench/practice.php; }

bench_ranges() { as_shipped php tools/bench/ranges.php; }

bench_pies() { as_shipped php -d memory_limit=512M tools/bench/pies.php; }

bench_fuzz() { as_shipped php -d memory_limit=512M tools/bench/fuzz.php; }

bench_batch() { as_shipped php tools/bench/batch.php; }

# Small days against an exact solver (20 s each are enough for nearly all), then large ones.
bench_day() {
    as_shipped php tools/bench/day.php small "${HOJALDRE_DAYS:-100}" | EXACT_SECONDS=20 node tools/bench/day-exact.mjs
    as_shipped php tools/bench/day.php large
}

bench_cli() { as_shipped php tools/bench/cli.php; }

bench_script() { node tools/bench/script.mjs; }

bench_api() { with_app node tools/bench/api.mjs; }

# A kitchen with 5,000 bakes; the first time it is written, which takes a few minutes.
bench_book() {
    only_one_at_a_time
    start_database
    have_database hojaldre_book
    write_settings book hojaldre_book
    prepare_instance book
    (cd "$CODE" && HOJALDRE_INSTANCE="$INSTANCES/book" as_shipped as_app php tools/bench/book.php)
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
