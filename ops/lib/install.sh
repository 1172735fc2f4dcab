# What has to be on the machine: Debian packages, Node, PHP and JS packages, the built front end.

RUN_PACKAGES=(
    php8.2-cli php8.2-fpm php8.2-opcache php8.2-pgsql php8.2-mbstring php8.2-xml php8.2-curl php8.2-intl php8.2-zip
    composer unzip postgresql-15 nginx-light curl ca-certificates procps
)
TEST_PACKAGES=(chromium)

install_packages() {
    local missing=() package
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'install ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return 0
    local as=()
    if [ "$(id -u)" -ne 0 ]; then
        # at a terminal sudo may ask for a password; elsewhere it must not need one
        if ! { [ -t 0 ] && command -v sudo >/dev/null; } && ! sudo -n true 2>/dev/null; then
            fail "Missing Debian packages: ${missing[*]}" "Run this, then start again:
  sudo apt-get update && sudo apt-get install -y --no-install-recommends ${missing[*]}"
        fi
        as=(sudo)
    fi
    step "installing Debian packages: ${missing[*]}"
    # our own cluster is made in var/; the one Debian would make is not wanted
    if [ ! -e /etc/postgresql-common/createcluster.conf ]; then
        "${as[@]}" mkdir -p /etc/postgresql-common
        echo 'create_main_cluster = false' | "${as[@]}" tee /etc/postgresql-common/createcluster.conf >/dev/null
    fi
    quietly "$VAR/logs/apt-update.log" 'Check the network and /etc/apt/sources.list.' "${as[@]}" apt-get update
    quietly "$VAR/logs/apt-install.log" 'Install them by hand and start again.' \
        "${as[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"
}

node_is_new_enough() { node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' 2>/dev/null; }

# Debian 12 ships Node 18; the build wants 20.19. The right one comes as an npm package, into var/.
install_node() {
    local arch own
    case $(uname -m) in x86_64) arch=x64 ;; aarch64) arch=arm64 ;; *) arch=$(uname -m) ;; esac
    own="$VAR/node/node_modules/node-linux-$arch/bin"
    [ -x "$own/node" ] && export PATH="$own:$PATH"
    node_is_new_enough && command -v npm >/dev/null && return 0
    command -v npm >/dev/null || install_packages nodejs npm
    if ! node_is_new_enough; then
        step "fetching Node 20 for the build"
        mkdir -p "$VAR/node"
        quietly "$VAR/logs/node.log" 'Install Node 20.19 or newer by hand and start again.' \
            npm install --prefix "$VAR/node" --no-save --no-package-lock --no-audit --no-fund "node-linux-$arch@^20.19.0"
        export PATH="$own:$PATH"
    fi
}

install_php_packages() {
    local stamp
    stamp=$(stamp_of composer.portable.lock composer.json)-readable
    [ -f vendor/autoload.php ] && fresh composer "$stamp" && return 0
    step "installing PHP packages from the lock file"
    export COMPOSER_ALLOW_SUPERUSER=1
    # the committed lock names no host; "update mirrors" writes the addresses back in, versions and checksums stay
    cp composer.portable.lock composer.lock
    quietly "$VAR/logs/composer.log" 'Check the network; if a version has vanished, run ./hojaldre lock.' composer update mirrors --no-install --no-scripts --no-interaction --no-progress
    quietly "$VAR/logs/composer.log" 'Check the network and try again.' composer install --no-scripts --no-interaction --no-progress
    # some packages are packed closed to others, and the app does not run as root
    chmod -R go+rX vendor
    mark_fresh composer "$stamp"
}

install_js_packages() {
    local stamp
    stamp=$(stamp_of package-lock.json package.json)
    [ -d node_modules/vite ] && fresh npm "$stamp" && return 0
    step "installing JS packages from the lock file"
    quietly "$VAR/logs/npm.log" 'Check the network and try again.' npm ci --no-audit --no-fund --no-progress
    mark_fresh npm "$stamp"
}

build_front_end() {
    local stamp
    stamp=$(stamp_of web package-lock.json tsconfig.json vite.config.ts)
    [ -f public/app/index.html ] && fresh web "$stamp" && return 0
    step "building the front end"
    quietly "$VAR/logs/build.log" 'Run ./hojaldre check to see what is wrong with it.' npx vite build
    chmod -R go+rX public/app
    mark_fresh web "$stamp"
}

install_everything() {
    mkdir -p "$VAR/logs"
    install_packages "${RUN_PACKAGES[@]}" "$@"
    install_node
    install_php_packages
    install_js_packages
    build_front_end
}
