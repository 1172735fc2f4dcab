# ./hojaldre bench [NAME]: benchmarks, one JSON object a line: name, median_ms, runs, ratio where two things are compared, note.
source "$ROOT/ops/lib/install.sh"
source "$ROOT/ops/lib/database.sh"
source "$ROOT/ops/lib/instance.sh"

BENCHES=(core pies fuzz cli api edit script)

run_bench() {
    local wanted=("${BENCHES[@]}") name
    if [ $# -gt 0 ]; then
        [[ " ${BENCHES[*]} " == *" $1 "* ]] || fail "There is no benchmark \"$1\"." "There are: ${BENCHES[*]}."
        wanted=("$1")
    fi
    install_everything >&2
    for name in "${wanted[@]}"; do "bench_$name"; done
}

bench_core() { php tools/bench/core.php; }

bench_pies() { php -d memory_limit=512M tools/bench/pies.php; }

bench_fuzz() { php -d memory_limit=512M tools/bench/fuzz.php; }

bench_cli() { php tools/bench/cli.php; }

bench_script() { node tools/bench/script.mjs; }

bench_api() { with_app node tools/bench/api.mjs; }

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
    artisan bench db:seed --class=Database\\Seeders\\DemoKitchenSeeder --force >/dev/null
    trap 'stop_instance bench' EXIT
    start_instance bench "$(first_free_port 8720)"
    "$@" "http://127.0.0.1:$(cat "$VAR/bench/port")"
    stop_instance bench
}
