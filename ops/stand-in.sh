# ./hojaldre stand-in scale [--port N]: a process that behaves as a device would.

run_stand-in() {
    need_php
    [ $# -gt 0 ] || fail 'Which device?' 'There is a stand-in of a scale: ./hojaldre stand-in scale [--port N]'
    local device=$1 port=8710
    shift
    while [ $# -gt 0 ]; do
        case $1 in
            --port)
                port=${2:?--port wants a number}
                shift 2
                ;;
            *) fail "I do not know \"$1\"." './hojaldre stand-in scale [--port N]' ;;
        esac
    done
    exec php "$ROOT/tools/stand-in.php" "$device" "$port"
}
