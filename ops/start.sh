# ./hojaldre start: from an empty machine to a running kitchen.
source "$ROOT/ops/lib/install.sh"
source "$ROOT/ops/lib/database.sh"
source "$ROOT/ops/lib/instance.sh"

run_start() {
    local port='' empty='' detach='' live=''
    while [ $# -gt 0 ]; do
        case $1 in
            --port)
                port=${2:-}
                [[ $port =~ ^[0-9]+$ ]] && [ "$port" -ge 1024 ] && [ "$port" -le 65535 ] || fail "--port wants a number from 1024 to 65535." "Such as: ./hojaldre start --port 8500"
                shift
                ;;
            --empty) empty=1 ;;
            --live) live=1 ;;
            --detach) detach=1 ;;
            *) fail "start does not know \"$1\"." 'It takes --port N, --empty, --live and --detach.' ;;
        esac
        shift
    done
    only_one_at_a_time
    [ -z "$port" ] || refuse_taken_port "$port"
    printf 'Hojaldre\n'
    install_everything
    step "starting the database"
    start_database
    have_database hojaldre
    write_settings main hojaldre
    step "bringing the tables up to date"
    prepare_instance main
    local sign_in
    sign_in=$(first_sign_in ${empty:+--empty})
    quietly "$INSTANCES/main/logs/verdicts.log" 'The pies could not be read.' artisan main pies:read-verdicts
    choose_port "$port"
    step "starting the app"
    start_instance main "$PORT"
    step "asking the workers thirty things that are known"
    check_answers main
    if [ -n "$live" ]; then
        step "putting a quiche into the oven"
        start_live_demo
    fi
    flock -u 9
    printf '\n  http://127.0.0.1:%s\n  %s\n\n' "$PORT" "$sign_in"
    if [ -n "$detach" ]; then
        printf '  ./hojaldre stop ends it.\n'
        return 0
    fi
    printf '  Ctrl-C ends it.\n'
    trap 'printf "\n  stopping\n"; stop_instance main; stop_database; exit 0' INT TERM HUP
    while instance_is_up main; do
        sleep 1 9>&- &
        wait $!
    done
    fail 'The app has ended by itself.' "Read the logs in $INSTANCES/main/logs, or another ./hojaldre stopped it."
}

# Prints how to sign in. The demo kitchen, or an empty one with --empty, is opened once, and only where nobody can sign in yet.
first_sign_in() {
    local note="$INSTANCES/main/sign-in.txt" log="$INSTANCES/main/logs/first.log"
    quietly "$log" 'The first kitchen could not be opened.' artisan main kitchen:open-first "${1:---demo}"
    if [ -s "$log" ]; then (umask 077 && cp "$log" "$note"); fi
    rm -f "$log"
    if [ -f "$note" ]; then cat "$note"; else printf 'Sign in as before.'; fi
}

choose_port() {
    local last
    last=$(cat "$INSTANCES/main/port" 2>/dev/null || echo 8420)
    stop_instance main
    PORT=${1:-$(first_free_port "$last")}
}

# A bake of the demo kitchen that runs, with a probe in it and a thermometer in the oven.
start_live_demo() {
    quietly "$INSTANCES/main/logs/live.log" 'Nothing was put into the oven.' artisan main bakes:live-demo
    end_stand_ins main
    local device
    for device in "probe 8711 minute=21" "oven 8712 dial=187"; do
        # shellcheck disable=SC2086
        setsid php "$ROOT/tools/stand-in.php" $device >/dev/null 2>&1 </dev/null 9>&- &
        echo $! >"$INSTANCES/main/stand-in-${device%% *}.pid"
    done
}

# A port that somebody else holds is refused before anything of ours is stopped.
refuse_taken_port() {
    find_run_user
    instance_is_up main && [ "$1" = "$(cat "$INSTANCES/main/port" 2>/dev/null)" ] && return 0
    port_is_taken "$1" && fail "Port $1 is taken by something else." 'Choose another, or leave --port out.'
    return 0
}
