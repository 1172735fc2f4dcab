# One running app: its settings, its php-fpm, its nginx. The kitchen's own is "main", the one of the browser tests "e2e".

# settings NAME DATABASE: write the settings of an instance; its key is made once.
write_settings() {
    local folder="$VAR/$1" key
    mkdir -p "$folder/run" "$folder/logs" "$folder/tmp" "$folder/cache" "$folder/storage"
    chmod 700 "$folder"
    key=$(grep -s '^APP_KEY=' "$folder/settings.env" | cut -d= -f2- || true)
    [ -n "$key" ] || key="base64:$(head -c 32 /dev/urandom | base64)"
    (
        umask 077
        cat >"$folder/settings.env" <<SETTINGS
APP_ENV=${3:-production}
APP_KEY=$key
DB_PORT=$DB_PORT
DB_DATABASE=$2
DB_PASSWORD=$(cat "$VAR/secrets/db-password")
DB_PERSISTENT=$([ "${3:-production}" = testing ] && echo false || echo true)
SESSION_COOKIE=hojaldre_${CHECKOUT}_$1
BCRYPT_ROUNDS=$([ "$1" = main ] && echo 12 || echo 4)
SETTINGS
    )
}

artisan() {
    local name=$1
    shift
    HOJALDRE_INSTANCE="$VAR/$name" php artisan --no-interaction "$@"
}

# prepare NAME: bring the tables up to date and write the framework's caches.
prepare_instance() {
    rm -f "$VAR/$1/cache/"*.php
    quietly "$VAR/$1/logs/migrate.log" 'The tables could not be brought up to date; nothing was lost.' artisan "$1" migrate --force
    quietly "$VAR/$1/logs/cache.log" 'Run ./hojaldre check.' artisan "$1" config:cache
    quietly "$VAR/$1/logs/cache.log" 'Run ./hojaldre check.' artisan "$1" route:cache
}

# A socket's path may have 107 letters at most.
fpm_socket() {
    local socket="$VAR/$1/run/fpm.sock"
    if [ ${#socket} -gt 100 ]; then
        mkdir -p "/tmp/hojaldre-$CHECKOUT" && chmod 700 "/tmp/hojaldre-$CHECKOUT"
        socket="/tmp/hojaldre-$CHECKOUT/$1.sock"
    fi
    printf '%s' "$socket"
}

start_instance() {
    local name=$1 port=$2 folder="$VAR/$1" socket as_root='' pool_user='' fpm_flags=()
    stop_instance "$name"
    socket=$(fpm_socket "$name")
    if [ "$(id -u)" -eq 0 ]; then
        as_root='user root;'
        pool_user=$'user = root\ngroup = root'
        fpm_flags=(-R)
    fi
    fill ops/templates/php-fpm.conf FOLDER="$folder" SOCKET="$socket" USER="$pool_user" >"$folder/php-fpm.conf"
    fill ops/templates/nginx.conf ROOT="$ROOT" FOLDER="$folder" SOCKET="$socket" USER="$as_root" PORT="$port" >"$folder/nginx.conf"
    PHP_INI_SCAN_DIR="/etc/php/8.2/fpm/conf.d:$ROOT/ops/php" quietly "$folder/logs/php-fpm-start.log" 'Read the log.' \
        bash -c 'exec "$@" 9>&-' - php-fpm8.2 "${fpm_flags[@]}" --daemonize --fpm-config "$folder/php-fpm.conf"
    quietly "$folder/logs/nginx-start.log" 'If the port is taken, choose another with --port.' \
        bash -c 'exec "$@" 9>&-' - nginx -e "$folder/logs/nginx-error.log" -p "$folder" -c "$folder/nginx.conf"
    printf '%s' "$port" >"$folder/port"
    local i
    for ((i = 0; i < 60; i++)); do
        curl -fs -m 5 -o /dev/null "http://127.0.0.1:$port/api/health" && return 0
        sleep 0.25
    done
    tail -n 20 "$folder/storage/logs/app.log" "$folder/logs/"*.log >&2 2>/dev/null || true
    fail 'The app does not answer.' "Read the logs in $folder/logs and $folder/storage/logs."
}

stop_instance() {
    end_process "$VAR/$1/run/nginx.pid" "$VAR/$1/nginx.conf" QUIT
    end_process "$VAR/$1/run/php-fpm.pid" "$VAR/$1/php-fpm.conf" QUIT
}

instance_is_up() { alive "$VAR/$1/run/nginx.pid" "$VAR/$1/nginx.conf" && alive "$VAR/$1/run/php-fpm.pid" "$VAR/$1/php-fpm.conf"; }
