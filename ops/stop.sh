# ./hojaldre stop: end what start (or a killed test) left running. The data stays.
source "$ROOT/ops/lib/database.sh"
source "$ROOT/ops/lib/instance.sh"

run_stop() {
    only_one_at_a_time
    stop_instance main
    stop_instance e2e
    stop_instance bench
    stop_database
    step 'stopped'
}
