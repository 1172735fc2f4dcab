# One running app: its settings, its php-fpm, its nginx. The kitchen's own is "main", the one of the browser tests "e2e".
# Started by root, all that answers requests runs as www-data; started by somebody else, as that person.

NGINX=/usr/sbin/nginx
FPM=/usr/sbin/php-fpm8.2

# Sets RUN_USER (empty: no change of user), CODE and INSTANCES: where the app is read from and where its instances lie.
find_run_user() {
    RUN_USER='' CODE=$ROOT INSTANCES=$VAR
    [ "$(id -u)" -eq 0 ] || return 0
    RUN_USER=www-data
    chmod go+x "$VAR"
    if as_app test -r "$ROOT/public/index.php" -a -x "$VAR" 2>/dev/null; then return 0; fi
    # a folder that is closed to others: what is needed is copied to where www-data may read it
    CODE="/var/tmp/hojaldre-$CHECKOUT/code" INSTANCES="/var/tmp/hojaldre-$CHECKOUT/instances"
    mkdir -p "$CODE" "$INSTANCES"
    chmod 755 "/var/tmp/hojaldre-$CHECKOUT" "$CODE" "$INSTANCES"
}

# as_app CMD...: run as the user that the app runs as.
as_app() {
    if [ -n "$RUN_USER" ]; then
        setpriv --reuid="$RUN_USER" --regid="$RUN_USER" --clear-groups --inh-caps=-all "$@"
    else
        "$@"
    fi
}

copy_code() {
    [ "$CODE" = "$ROOT" ] && return 0
    (cd "$ROOT" && tar -cf - app artisan bootstrap/*.php config core database docs/formats lang public routes tools vendor composer.json) | tar -xf - -C "$CODE"
    chmod -R go+rX "$CODE"
}

# settings NAME DATABASE [ENVIRONMENT]: write the settings of an instance; its key is made once. Tests make and drop tables, so they sign in as owner.
write_settings() {
    find_run_user
    local folder="$INSTANCES/$1" key role=app
    [ "${3:-production}" = testing ] && role=owner
    mkdir -p "$folder/run" "$folder/logs" "$folder/tmp" "$folder/cache" "$folder/storage"
    chmod 700 "$folder"
    key=$(grep -s '^APP_KEY=' "$folder/settings.env" | cut -d= -f2- || true)
    [ -n "$key" ] || key="base64:$(head -c 32 /dev/urandom | base64)"
    (
        umask 077
        cat >"$folder/settings.env" <<SETTINGS
APP_ENV=${3:-production}
APP_KEY=$key
SCALE_ADDRESS=${HOJALDRE_SCALE:-http://127.0.0.1:8710}
PROBE_ADDRESS=${HOJALDRE_PROBE:-http://127.0.0.1:8711}
OVEN_ADDRESS=${HOJALDRE_OVEN:-http://127.0.0.1:8712}
CLOCK_AHEAD_MINUTES=${HOJALDRE_CLOCK_AHEAD:-0}
DB_PORT=$DB_PORT
DB_DATABASE=$2
DB_USERNAME=hojaldre_$role
DB_PASSWORD=$(secret "db-$role-password")
DB_PERSISTENT=$([ "${3:-production}" = testing ] && echo false || echo true)
SESSION_COOKIE=hojaldre_${CHECKOUT}_$1
BCRYPT_ROUNDS=$([ "$1" = main ] && echo 12 || echo 4)
SETTINGS
    )
    give_to_run_user "$1"
}

give_to_run_user() { if [ -n "$RUN_USER" ]; then chown -R "$RUN_USER:$RUN_USER" "$INSTANCES/$1"; fi; }

artisan() {
    local name=$1
    shift
    (cd "$CODE" && HOJALDRE_INSTANCE="$INSTANCES/$name" as_shipped as_app php artisan --no-interaction "$@")
}

# As the owner of the tables, whose password no answering process ever sees.
migrate() { (export DB_USERNAME=hojaldre_owner && DB_PASSWORD=$(secret db-owner-password) && export DB_PASSWORD && artisan "$1" migrate --force); }

# prepare NAME: bring the tables up to date and write the framework's caches.
prepare_instance() {
    copy_code
    rm -f "$INSTANCES/$1/cache/"*.php
    # answers of older code
    rm -rf "$INSTANCES/$1/storage/answers"
    give_to_run_user "$1"
    quietly "$INSTANCES/$1/logs/migrate.log" 'The tables could not be brought up to date; nothing was lost.' migrate "$1"
    quietly "$INSTANCES/$1/logs/cache.log" 'Run ./hojaldre check.' artisan "$1" config:cache
    quietly "$INSTANCES/$1/logs/cache.log" 'Run ./hojaldre check.' artisan "$1" route:cache
}

# A socket's path may have 107 letters at most.
fpm_socket() {
    local socket="$INSTANCES/$1/run/fpm.sock"
    if [ ${#socket} -gt 100 ]; then
        mkdir -p "/tmp/hojaldre-$CHECKOUT" && chmod 755 "/tmp/hojaldre-$CHECKOUT"
        socket="/tmp/hojaldre-$CHECKOUT/$1.sock"
    fi
    printf '%s' "$socket"
}

start_instance() {
    local name=$1 port=$2 folder="$INSTANCES/$1" socket nginx_user='' pool_user=''
    stop_instance "$name"
    socket=$(fpm_socket "$name")
    if [ -n "$RUN_USER" ]; then
        nginx_user="user $RUN_USER;"
        pool_user="user = $RUN_USER"$'\n'"group = $RUN_USER"$'\n'"listen.owner = $RUN_USER"
    fi
    fill ops/templates/php-fpm.conf FOLDER="$folder" SOCKET="$socket" USER="$pool_user" >"$folder/php-fpm.conf"
    fill ops/templates/nginx.conf ROOT="$CODE" FOLDER="$folder" SOCKET="$socket" USER="$nginx_user" PORT="$port" >"$folder/nginx.conf"
    start_fpm "$folder"
    quietly "$folder/logs/nginx-start.log" 'If the port is taken, choose another with --port.' \
        bash -c 'exec "$@" 9>&-' - "$NGINX" -e "$folder/logs/nginx-error.log" -p "$folder" -c "$folder/nginx.conf"
    printf '%s' "$port" >"$folder/port"
    local i
    for ((i = 0; i < 60; i++)); do
        curl -fs -m 5 -o /dev/null "http://127.0.0.1:$port/api/health" && return 0
        sleep 0.25
    done
    tail -n 20 "$folder/storage/logs/app.log" "$folder/logs/"*.log >&2 2>/dev/null || true
    fail 'The app does not answer.' "Read the logs in $folder/logs and $folder/storage/logs."
}

# start_fpm FOLDER [OPTION...]: begins the workers of an instance with the settings that ship.
start_fpm() {
    local folder=$1
    shift
    as_shipped quietly "$folder/logs/php-fpm-start.log" 'Read the log.' bash -c 'exec "$@" 9>&-' - "$FPM" --daemonize --fpm-config "$folder/php-fpm.conf" "$@"
}

# check_answers NAME: the running workers are asked thirty things that are known; where one differs they begin anew without the JIT, and it is said.
check_answers() {
    local folder="$INSTANCES/$1" socket
    socket=$(fpm_socket "$1")
    known_answers >"$folder/known.json"
    HOJALDRE_CODE=$CODE HOJALDRE_FPM=$socket node tools/same/known.mjs "$folder/known.json" && return 0
    step "PHP's compiler gives other answers here than PHP without it: Hojaldre runs without it, and is about half as fast. Nothing else changes."
    end_process "$folder/run/php-fpm.pid" "$FPM" QUIT
    start_fpm "$folder" -d opcache.jit=disable
    HOJALDRE_CODE=$CODE HOJALDRE_FPM=$socket node tools/same/known.mjs "$folder/known.json" || fail 'The workers still give other answers.' 'Do not bake by them. Reinstall PHP (apt-get install --reinstall php8.2-fpm php8.2-cli php8.2-opcache), then start again.'
}

known_answers() { as_shipped php -d opcache.jit=disable tools/same/answer.php known; }

stop_instance() {
    find_run_user
    end_stand_ins "$1"
    end_process "$INSTANCES/$1/run/nginx.pid" "$NGINX" QUIT
    end_process "$INSTANCES/$1/run/php-fpm.pid" "$FPM" QUIT
}

# Stand-ins that start --live started.
end_stand_ins() {
    local pid
    for pid in "$INSTANCES/$1"/stand-in-*.pid; do
        [ -f "$pid" ] || continue
        kill "$(cat "$pid")" 2>/dev/null || true
        rm -f "$pid"
    done
}

instance_is_up() { alive "$INSTANCES/$1/run/nginx.pid" "$NGINX" && alive "$INSTANCES/$1/run/php-fpm.pid" "$FPM"; }
