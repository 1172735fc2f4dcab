# ./hojaldre check: the fast static part. All checks run, then all that failed are named.
source "$ROOT/ops/lib/install.sh"

# one check a line: NAME COMMAND
checks() {
    cat <<'CHECKS'
php-style        vendor/bin/pint --test -q
core-alone       bash tools/check/core-alone.sh
app-and-arrows   php -d memory_limit=2G vendor/bin/phpstan analyse --no-progress --error-format=raw
layout           php tools/check/layout.php
settings         PHP_INI_SCAN_DIR=":$PWD/ops/php" php tools/check/settings.php
contract         php tools/openapi.php --check
pantry           php tools/pantry.php --check
figures          php tools/check/figures.php
contract-types   node_modules/.bin/openapi-typescript docs/openapi.json -o web/src/api/generated/schema.ts --check
web-style        node_modules/.bin/biome check --error-on-warnings .
web-types        node node_modules/ts7/bin/tsc -p .
web-arrows       bash tools/check/web-arrows.sh
web-dead-code    node_modules/.bin/knip --no-config-hints
shell            shellcheck --severity=warning --shell=bash --exclude=SC2034,SC2153,SC2154 hojaldre .ci/run ops/*.sh ops/lib/*.sh tools/check/*.sh
CHECKS
}

# run_checks LOGS: two at a time; prints a line a check, leaves names of the failed in LOGS/failed.
run_checks() {
    local logs=$1
    rm -rf "$logs" && mkdir -p "$logs"
    checks | while read -r name command; do printf '%s\0%s\0' "$name" "$command"; done |
        xargs -0 -n 2 -P 2 bash -c '
            if bash -c "$2" >"$0/$1.log" 2>&1 </dev/null; then echo "  ok      $1"; else echo "  FAILED  $1"; echo "$1" >>"$0/failed"; fi
        ' "$logs"
}

run_check() {
    local name
    install_node
    install_packages shellcheck
    run_checks "$VAR/logs/check"
    [ -f "$VAR/logs/check/failed" ] || return 0
    while read -r name; do
        printf '\n%s\n' "$name" >&2
        grep -v '^npm warn' "$VAR/logs/check/$name.log" | tail -n 40 >&2
    done <"$VAR/logs/check/failed"
    fail 'Some checks failed.' 'Mend what is named above. Formats mend themselves: vendor/bin/pint, npx biome check --write .'
}
