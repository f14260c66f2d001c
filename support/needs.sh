# shellcheck shell=bash
# What the machine needs, installed where it is missing.

debian() {
    local missing=()
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q '^install ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -gt 0 ] || return 0
    local command="apt-get update && apt-get install -y ${missing[*]}"
    [ "$(id -u)" -eq 0 ] || fail "These Debian packages are missing: ${missing[*]}. Run as root: $command"
    say "installing Debian's ${missing[*]}"
    export DEBIAN_FRONTEND=noninteractive
    { apt-get update -qq && apt-get install -y -qq --no-install-recommends "${missing[@]}"; } >storage/regimen/apt.log 2>&1 ||
        fail "apt-get failed; storage/regimen/apt.log tells why. The command was: $command"
}

# What is installed is started by us, where and when it is needed, and not by the system.
unserved() {
    local policy=/usr/sbin/policy-rc.d ended=0
    [ "$(id -u)" -eq 0 ] && [ ! -e "$policy" ] || policy=
    [ -z "$policy" ] || { printf '#!/bin/sh\nexit 101\n' >"$policy" && chmod +x "$policy"; }
    ("$@") || ended=$?
    [ -z "$policy" ] || rm -f "$policy"
    return "$ended"
}

have_extensions() {
    command -v php >/dev/null && php -r 'exit(array_diff(["pdo_sqlite","sqlite3","curl","zip","gd","bcmath","intl","mbstring","dom"], array_map("strtolower", get_loaded_extensions())) === [] ? 0 : 1);'
}

need_php() {
    have_extensions && command -v unzip >/dev/null || debian "${PHP_PACKAGES[@]}"
    have_extensions || fail 'PHP still lacks an extension; php -m lists what it has.'
}

need_composer() {
    command -v composer >/dev/null || debian composer
    local stamp=storage/regimen/composer.stamp wanted
    wanted="$(sha256sum composer.json | cut -d' ' -f1) $(php -r 'echo PHP_VERSION;')"
    if [ ! -f vendor/autoload.php ] || [ "$(cat "$stamp" 2>/dev/null)" != "$wanted" ]; then
        say "installing the PHP packages of composer.json"
        composer install --no-progress --quiet || fail 'Composer failed; run composer install to see why.'
        printf '%s' "$wanted" >"$stamp"
    fi
}

node_is_new_enough() {
    command -v node >/dev/null && node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 22 || (a === 22 && b >= 12) || (a === 20 && b >= 19) ? 0 : 1)'
}

need_node() {
    if ! node_is_new_enough; then
        command -v npm >/dev/null || debian nodejs npm
        node_is_new_enough || {
            say "installing Node.js $NODE_VERSION from the npm registry"
            npm install --silent --no-audit --no-fund --prefix "$TOOLS" "node@$NODE_VERSION" >/dev/null || fail "Node.js 20.19 or newer is needed, and npm could not bring $NODE_VERSION."
        }
    fi
    local stamp=storage/regimen/npm.stamp wanted
    wanted="$(sha256sum package-lock.json | cut -d' ' -f1) $(node --version)"
    if [ ! -d node_modules ] || [ "$(cat "$stamp" 2>/dev/null)" != "$wanted" ]; then
        say 'installing the npm packages of package-lock.json'
        npm ci --silent --no-audit --no-fund || fail 'npm failed; run npm ci to see why.'
        printf '%s' "$wanted" >"$stamp"
    fi
}

need_front_end() {
    local stamp=storage/regimen/build.stamp wanted
    wanted="$(cat package-lock.json vite.config.ts svelte.config.js <(find resources -type f -print0 | sort -z | xargs -0 sha256sum) | sha256sum | cut -d' ' -f1)"
    if [ ! -f public/build/manifest.json ] || [ "$(cat "$stamp" 2>/dev/null)" != "$wanted" ]; then
        need_node
        say 'building the front end'
        npm run --silent build >storage/regimen/build.log 2>&1 || fail 'The front end did not build; storage/regimen/build.log tells why.'
        printf '%s' "$wanted" >"$stamp"
    fi
}

need_settings() {
    mkdir -p storage/framework/{sessions,views,cache/data} storage/logs bootstrap/cache
    if [ ! -f .env ]; then
        say 'making the settings, with a key of their own'
        cp .env.example .env
        php artisan key:generate --force --quiet
    fi
    # The key in it is nobody else's; a service has settings of its own.
    [ ! -O .env ] || chmod 600 .env
}

need_everything() {
    mkdir -p storage/regimen
    need_php
    need_composer
    need_front_end
    need_settings
}

has_web() { command -v caddy >/dev/null && command -v "php-fpm${1//[^0-9.]/}" >/dev/null; }

# What serves the shop to several people at once. Without it PHP's development server does, and says so.
need_web() {
    local fpm
    fpm="php$(php -r 'echo PHP_MAJOR_VERSION, ".", PHP_MINOR_VERSION;')-fpm"
    ! has_web "$fpm" || return 0
    if [ "$(id -u)" -eq 0 ]; then
        # Whoever cannot have it is told below.
        (unserved debian caddy "$fpm") || true
        if [ -d /run/systemd/system ]; then systemctl disable --quiet caddy "$fpm" 2>/dev/null || true; fi
    fi
    has_web "$fpm" || say "Caddy and $fpm are not to be had here: PHP's development server serves, which is enough for one or two people"
}

need_browser() {
    command -v chromium >/dev/null && command -v chromedriver >/dev/null || debian chromium chromium-driver
}

# What the tests check us with: readers of PDF and of codes, a solver of integer programs, a server of queues, and readers and solvers among the npm packages.
need_readers() {
    command -v pdftocairo >/dev/null && command -v cbc >/dev/null && command -v zbarimg >/dev/null || debian poppler-utils coinor-cbc zbar-tools
    command -v redis-server >/dev/null || unserved debian redis-server
    need_node
}
