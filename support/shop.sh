# shellcheck shell=bash
# Your own shop: in storage/, or where the service has it, which only its own user writes.

readonly SETTINGS=/etc/regimen/regimen.env
SERVED=no
! grep -qxF "WorkingDirectory=$PWD" /etc/systemd/system/regimen-web.service 2>/dev/null || SERVED=yes
readonly SERVED

# php, for the shop.
shop() { shop_in "$PWD" "$@"; }

shop_in() (
    cd "$1"
    shift
    umask 077
    if [ "$SERVED" = no ]; then
        exec php "$@"
    fi
    as_root
    set -a
    # shellcheck source=/dev/null
    . "$SETTINGS"
    set +a
    # Settled settings are those of the program that is served.
    unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE
    exec runuser -u "$REGIMEN_USER" -- php "$@"
)

as_root() { [ "$(id -u)" -eq 0 ] || fail 'The shop is a service of this machine, which only root looks after: sudo ./regimen …'; }

# A place in which both whoever calls and the service's user can lay a file.
service_data() { sed -n 's/^REGIMEN_DATA=//p' "$SETTINGS"; }

# A command of the shop that reads a file.
shop_reads() {
    local command=$1 file passed
    file="$(realpath "$2")"
    shift 2
    if [ "$SERVED" = no ]; then
        shop artisan "$command" "$file" "$@"
        return
    fi
    as_root
    passed="$(service_data)/storage/app/private/$(basename "$file")"
    install -m 0600 -o "$(stat -c %U "$(service_data)")" "$file" "$passed"
    local ended=0
    shop artisan "$command" "$passed" "$@" || ended=$?
    rm -f "$passed"
    return "$ended"
}

# A command of the shop that writes a file.
shop_writes() {
    local command=$1 file passed
    file="$(realpath -m "$2")"
    if [ "$SERVED" = no ]; then
        shop artisan "$command" "$file"
        return
    fi
    as_root
    passed="$(service_data)/storage/app/private/passed.$$"
    shop artisan "$command" "$passed" | sed "s|$passed|$file|"
    install -m 0600 "$passed" "$file"
    rm -f "$passed"
}

# An empty one, where there is none.
open_shop() {
    umask 077
    [ "$SERVED" != no ] || [ -e storage/regimen/shop.sqlite ] || : >storage/regimen/shop.sqlite
    shop artisan migrate --force --quiet
}

# Whether it is being served from this folder at this moment.
is_running() { [ -f "$1.running" ] && kill -0 "$(cat "$1.running")" 2>/dev/null; }
