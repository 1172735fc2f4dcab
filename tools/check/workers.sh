#!/usr/bin/env bash
# Nothing that answers a request runs as root, and the role it signs in with rules nothing. Usage: workers.sh FOLDER_OF_INSTANCE
set -euo pipefail
folder=$1
workers=0
for master in nginx php-fpm; do
    pid=$(head -n1 "$folder/run/$master.pid")
    for worker in $(pgrep -P "$pid"); do
        workers=$((workers + 1))
        uid=$(awk '/^Uid:/ {print $2 + $3}' "/proc/$worker/status")
        [ "$uid" -ne 0 ] || { echo "A worker of $master (process $worker) runs as root."; exit 1; }
    done
done
[ "$workers" -ge 2 ] || { echo "Only $workers workers were found: the pid files in $folder/run are stale."; exit 1; }
grep -qx 'DB_USERNAME=hojaldre_app' "$folder/settings.env" || { echo 'The app does not sign in to the database as hojaldre_app.'; exit 1; }
if [ "$(id -u)" -eq 0 ]; then
    [ "$(stat -c %U "$folder/settings.env")" != root ] || { echo 'The settings of the app belong to root: its workers cannot read them.'; exit 1; }
fi
echo "  $workers workers, none of them root"
