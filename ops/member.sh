# ./hojaldre member EMAIL ROLE [--name=NAME] [--kitchen=KITCHEN] [--new-password]: let somebody in, change a role, give a new password.
source "$ROOT/ops/lib/database.sh"
source "$ROOT/ops/lib/instance.sh"

run_member() {
    [ $# -ge 2 ] || fail 'member wants an e-mail address and a role.' 'Such as: ./hojaldre member ben@lockhouse.example cook --name="Ben Sluys"'
    find_run_user
    [ -f "$INSTANCES/main/settings.env" ] || fail 'There is no kitchen here yet.' 'Run ./hojaldre start first.'
    only_one_at_a_time
    start_database
    artisan main kitchen:member "$@"
}
