# ./hojaldre stand-in scale|probe|oven: a process that behaves as a device would.

STAND_IN_HELP='./hojaldre stand-in scale [--port N]
  ./hojaldre stand-in probe [--port N] [--speed N] [--pie FILE] [--oven K] [--off K] [--noise K] [--minute N]
  ./hojaldre stand-in oven [--port N] [--speed N] [--runs-by K] [--dial C]'

run_stand-in() {
    need_php
    [ $# -gt 0 ] || fail 'Which device?' "There are: $STAND_IN_HELP"
    local device=$1 port='' takes='' name with=()
    shift
    case $device in
        scale) port=8710 ;;
        probe) port=8711 takes=' speed pie oven off noise minute ' ;;
        oven) port=8712 takes=' speed runs-by dial ' ;;
        *) fail "There is no stand-in of a \"$device\"." "There are: $STAND_IN_HELP" ;;
    esac
    while [ $# -gt 0 ]; do
        name=${1#--}
        [ $# -gt 1 ] || fail "$1 wants a value." "$STAND_IN_HELP"
        if [ "$name" = port ]; then
            port=$2
        elif [[ $takes == *" $name "* ]]; then
            with+=("$name=$2")
        else
            fail "I do not know \"$1\"." "$STAND_IN_HELP"
        fi
        shift 2
    done
    exec php "$ROOT/tools/stand-in.php" "$device" "$port" "${with[@]}"
}
