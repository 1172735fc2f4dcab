# ./hojaldre lock: after a change in composer.json or package.json, write lock files that name no host.
source "$ROOT/ops/lib/install.sh"

run_lock() {
    install_node
    COMPOSER_ALLOW_SUPERUSER=1 composer update --no-scripts --no-interaction
    php tools/portable-lock.php
    npm install --package-lock-only
    step 'wrote composer.portable.lock and package-lock.json'
}
