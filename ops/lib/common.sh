# Words shared by all parts of the one command. Sourced, never run.

VAR="$ROOT/var"
# what tells this checkout from another one on the same machine
CHECKOUT=$(printf '%s' "$ROOT" | sha256sum | cut -c1-8)

step() { printf '  %s\n' "$*"; }

# fail WHAT MEND: what went wrong, and what to do about it.
fail() {
    printf '\n%s\n%s\n' "$1" "${2:-}" >&2
    exit 1
}

# quietly LOG MEND CMD...: run a command, keep its words in a log, show them only when it fails.
quietly() {
    local log=$1 mend=$2
    shift 2
    mkdir -p "$(dirname "$log")"
    if ! "$@" >"$log" 2>&1 </dev/null; then
        tail -n 25 "$log" >&2
        fail "That did not work: $*" "$mend (the whole of it: $log)"
    fi
}

# as_shipped CMD...: run PHP with the settings that ship (ops/php); the empty name before the colon is Debian's own folder.
as_shipped() { PHP_INI_SCAN_DIR=":$ROOT/ops/php" "$@"; }

need_php() { command -v php >/dev/null || fail 'PHP is not installed.' 'Run ./hojaldre start once, or: apt-get install php8.2-cli'; }

# stamp_of FILES...: one number for the contents of files and folders.
stamp_of() { find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 -r sha256sum | sha256sum | cut -c1-32; }

fresh() { [ "$(cat "$VAR/stamps/$1" 2>/dev/null)" = "$2" ]; }

mark_fresh() {
    mkdir -p "$VAR/stamps"
    printf '%s' "$2" >"$VAR/stamps/$1"
}

port_is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# first_free_port FROM: the first port from there on that nothing answers at.
first_free_port() {
    local port=$1
    while port_is_taken "$port"; do port=$((port + 1)); done
    printf '%s' "$port"
}

# alive PIDFILE PROGRAM: whether the process of a pid file lives and runs that program (a number may have been given away since).
alive() { [ -s "$1" ] && start-stop-daemon --status --quiet --pidfile "$1" --exec "$2"; }

# end_process PIDFILE PROGRAM SIGNAL: ask it to end, wait for it, insist after ten seconds.
end_process() {
    if alive "$1" "$2"; then
        start-stop-daemon --stop --quiet --oknodo --retry "$3/10/KILL/5" --pidfile "$1" --exec "$2" || true
    fi
    rm -f "$1"
}

# fill TEMPLATE KEY=VALUE...: print a template with every @KEY@ replaced.
fill() {
    local text pair
    text=$(cat "$1")
    shift
    for pair in "$@"; do text=${text//"@${pair%%=*}@"/"${pair#*=}"}; done
    printf '%s\n' "$text"
}

only_one_at_a_time() {
    mkdir -p "$VAR"
    exec 9>"$VAR/lock"
    flock -w 600 9 || fail 'Another ./hojaldre is at work in this folder.' 'Wait for it to end, then try again.'
}
