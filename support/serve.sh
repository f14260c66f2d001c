# shellcheck shell=bash
# The shop in the browser, for as long as the command runs.

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# What follows from the settings is worked out once for this run, in a place of its own: another shop of the machine has other settings.
settle() {
    local folder="storage/regimen/web-$1"
    mkdir -p "$folder"
    export APP_CONFIG_CACHE="$folder/config.php" APP_ROUTES_CACHE="$folder/routes.php" APP_EVENTS_CACHE="$folder/events.php"
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"
    php artisan regimen:settle || fail 'The settings could not be read.'
}

serve() {
    local port=$1 wanted=$2 first=$1
    while ! port_is_free "$port"; do
        [ "$wanted" = any ] || fail "Port $port is taken. Choose another with --port."
        port=$((port + 1))
        [ "$port" -lt $((first + 100)) ] || fail "No port from $first on is free."
    done
    printf '\n  Regimen is at http://127.0.0.1:%s\n' "$port"
    [ "${REGIMEN_DEMO:-}" != true ] || php artisan regimen:sign-ins
    printf '  Ctrl-C stops it.\n\n'
    local server
    worker= by_clock= running=
    settle "$port"
    php artisan regimen:web "$port" --with-parent >storage/logs/server.log 2>&1 &
    server=$!
    # Whoever restores sees by it that the shop is running.
    running="${DB_DATABASE:-$PWD/storage/regimen/shop.sqlite}.running"
    printf '%s' "$server" >"$running"
    # What is to be done by the clock: the night's copy.
    php artisan schedule:work --quiet >storage/logs/clock.log 2>&1 &
    by_clock=$!
    # What takes longer than a request: a better plan is looked for beside the shop.
    (
        trap 'kill "$child" 2>/dev/null; exit 0' TERM
        while :; do
            php "${JIT[@]}" artisan queue:work --quiet --sleep=2 --tries=3 --max-time=3600 &
            child=$!
            wait "$child" || true
            sleep 2
        done
    ) >storage/logs/worker.log 2>&1 &
    worker=$!
    trap 'stop "$server"' INT TERM
    wait "$server" || { kill "$worker" "$by_clock" 2>/dev/null || true; rm -f "$running"; fail 'The server ended by itself; storage/logs/server.log tells why.'; }
}

stop() {
    [ -z "${worker:-}" ] || kill "$worker" "${by_clock:-}" 2>/dev/null || true
    rm -f "${running:-}"
    kill "$1" 2>/dev/null || true
    wait "$1" 2>/dev/null || true
    printf '\nStopped.\n'
    exit 0
}

options() {
    port=$FIRST_PORT wanted=any fresh=no
    while [ $# -gt 0 ]; do
        case $1 in
            --port) port=${2:-}; wanted=this; shift; [[ $port =~ ^[0-9]+$ && $port -ge 1 && $port -le 65535 ]] || fail '--port takes a number from 1 to 65535.' ;;
            --fresh) fresh=yes ;;
            *) fail "“$1” is no option here. ./regimen alone tells what there is." ;;
        esac
        shift
    done
}

demo() {
    options "$@"
    need_everything
    need_web
    umask 077
    export DB_DATABASE="$PWD/storage/regimen/demo.sqlite" REGIMEN_DEMO=true
    [ "$fresh" = no ] || rm -f "$DB_DATABASE" "$DB_DATABASE"-*
    if [ ! -s "$DB_DATABASE" ]; then
        say 'filling the demo shop: 41 invented builds over a year and a half'
        local filling="$DB_DATABASE.filling"
        rm -f "$filling" "$filling"-*
        : >"$filling"
        DB_DATABASE="$filling" php artisan migrate --force --quiet
        DB_DATABASE="$filling" php artisan db:seed --class=DemoShop --force >storage/regimen/demo.log 2>&1 || fail 'The demo shop could not be filled; storage/regimen/demo.log tells why.'
        DB_DATABASE="$filling" php artisan regimen:backup "$DB_DATABASE" --quiet
        rm -f "$filling" "$filling"-*
    fi
    php artisan migrate --force --quiet
    serve "$port" "$wanted"
}

start() {
    options "$@"
    [ "$fresh" = no ] || fail 'Your own shop is never emptied by a command; --fresh is for the demo.'
    [ "$SERVED" = no ] || fail 'Your shop is a service of this machine and is served already: ./regimen service status'
    need_everything
    need_web
    open_shop
    serve "$port" "$wanted"
}
