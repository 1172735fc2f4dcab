# ./hojaldre test: everything. The database is the private one, in a database of its own; the browser gets an app of its own.
source "$ROOT/ops/lib/install.sh"
source "$ROOT/ops/lib/database.sh"
source "$ROOT/ops/lib/instance.sh"
source "$ROOT/ops/check.sh"

E2E_PORT_FROM=8620
SEED=${HOJALDRE_SEED:-$((RANDOM * 32768 + RANDOM))}

run_test() {
    local browser=1
    case "${1:-}" in
        '') ;;
        --no-browser) browser='' ;;
        *) fail "test does not know \"$1\"." 'It takes --no-browser.' ;;
    esac
    only_one_at_a_time
    install_everything ${browser:+"${TEST_PACKAGES[@]}"}
    start_database
    trap 'stop_instance e2e' EXIT

    printf '\nStatic checks\n'
    run_check
    printf '\nEach check can fail\n'
    bash tools/check/prove.sh
    printf '\nCore and feature tests\n'
    have_database hojaldre_test
    write_settings test hojaldre_test testing
    run_php_tests
    printf '\nFront end\n'
    npx vitest run
    if [ -n "$browser" ]; then
        printf '\nBrowser\n'
        run_browser_tests
    fi
    printf '\nAll of it is green.\n'
}

# The core wants no database and the app has one, so they run side by side; what the app said is printed after.
run_php_tests() {
    local said="$VAR/logs/phpunit-app.log" app failed=0
    local unit=(as_shipped php vendor/bin/phpunit --do-not-cache-result --order-by=random --random-order-seed="$SEED")
    as_shipped php tools/check/settings.php
    step "tests in random order, seed $SEED (HOJALDRE_SEED=$SEED runs them so again)"
    "${unit[@]}" --testsuite app >"$said" 2>&1 &
    app=$!
    "${unit[@]}" --testsuite core || failed=1
    wait "$app" || failed=1
    cat "$said"
    [ "$failed" = 0 ] || fail 'Some tests of the core or the app failed.' 'They are named above.'
}

run_browser_tests() {
    local port
    port=$(first_free_port "$E2E_PORT_FROM")
    # tests put stand-ins of devices there, and take them away
    local scale probe
    scale=$(first_free_port "$((port + 1))")
    probe=$(first_free_port "$((scale + 1))")
    HOJALDRE_SCALE="http://127.0.0.1:$scale"
    HOJALDRE_PROBE="http://127.0.0.1:$probe"
    HOJALDRE_OVEN="http://127.0.0.1:$(first_free_port "$((probe + 1))")"
    # the bakes of the tests go by at sixty times the speed
    HOJALDRE_CLOCK_AHEAD=2880
    export HOJALDRE_SCALE HOJALDRE_PROBE HOJALDRE_OVEN HOJALDRE_CLOCK_AHEAD
    have_database hojaldre_e2e fresh
    write_settings e2e hojaldre_e2e
    prepare_instance e2e
    artisan e2e kitchen:open-first --demo >/dev/null
    start_instance e2e "$port"
    bash tools/check/workers.sh "$INSTANCES/e2e"
    printf '\nThe same answers with and without the JIT\n'
    HOJALDRE_CODE=$CODE HOJALDRE_FPM=$(fpm_socket e2e) SAME_DESIGNS=200 SAME_SHARE=10 node tools/same/same.mjs
    HOJALDRE_CODE=$CODE bash tools/check/known.sh "$(fpm_socket e2e)"
    HOJALDRE_URL="http://127.0.0.1:$port" npx playwright test
    printf '\nKilled in mid-bake\n'
    kill_in_mid_bake "$port"
    stop_instance e2e
}

# Database and PHP are killed while somebody presses at the oven: nothing that was acknowledged may be lost.
kill_in_mid_bake() {
    local file="$INSTANCES/e2e/pressed.txt" pressing php
    rm -f "$file"
    node tools/check/press.mjs "http://127.0.0.1:$1" press "$file" &
    pressing=$!
    until [ -f "$file" ] && [ "$(wc -l <"$file")" -gt 15 ]; do
        kill -0 "$pressing" 2>/dev/null || fail 'Nobody pressed anything.' 'Read what tools/check/press.mjs said.'
        sleep 0.1
    done
    kill -9 "$(head -n1 "$PG_DATA/postmaster.pid")"
    php=$(cat "$INSTANCES/e2e/run/php-fpm.pid")
    # shellcheck disable=SC2046
    kill -9 "$php" $(pgrep -P "$php")
    wait "$pressing" || true
    rm -f "$INSTANCES/e2e/run/php-fpm.pid"
    # the database lets go of its memory when its children have ended
    sleep 3
    start_database
    start_instance e2e "$1"
    node tools/check/press.mjs "http://127.0.0.1:$1" compare "$file"
}
