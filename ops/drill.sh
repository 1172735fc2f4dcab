# ./hojaldre drill NAME: long proofs that are not part of every test run. Run them before something of their kind is called done.
source "$ROOT/ops/lib/install.sh"

DRILLS='no-jit   the tests of the core with the JIT off
probe    twelve ways in which a probe lies, two hundred hidden bakes each
set-safe in how many kitchens a custard is safe when it is set'

run_drill() {
    case "${1:-}" in
        no-jit)
            install_everything >&2
            as_shipped php -d opcache.jit=disable vendor/bin/phpunit --do-not-cache-result --order-by=random --testsuite core
            ;;
        probe | set-safe)
            install_everything >&2
            as_shipped php -d memory_limit=512M "tools/drill/$1.php"
            ;;
        *) fail "There is no drill \"${1:-}\"." "There are:
$DRILLS" ;;
    esac
}
