# shellcheck shell=bash
# ./regimen update: another version takes the place of this one, with the shop as it is, or nothing has changed.

readonly UPDATING="$PWD/storage/regimen/update"
# What stays where it is: the shop's data and settings, and the history of the program.
readonly STAYS=' storage .git .env '

# The new version beside the present one: out of a file, or out of the program's own history.
fetch_version() {
    local wanted=$1
    mkdir -p "$UPDATING/next"
    if [ -f "$wanted" ]; then
        tar -xf "$wanted" -C "$UPDATING/next" || fail "$wanted is no archive that tar can open."
        # Archives often hold one folder with everything in it.
        if [ ! -f "$UPDATING/next/regimen" ] && [ "$(find "$UPDATING/next" -mindepth 1 -maxdepth 1 | wc -l)" -eq 1 ]; then
            local only
            only="$(find "$UPDATING/next" -mindepth 1 -maxdepth 1 -type d)"
            [ -z "$only" ] || { mv "$only" "$UPDATING/only" && rmdir "$UPDATING/next" && mv "$UPDATING/only" "$UPDATING/next"; }
        fi
    else
        [ -d .git ] || fail "$wanted is no file, and there is no history of the program here to look it up in."
        [ -z "$(git remote)" ] || git fetch --quiet --tags || say 'the program’s origin cannot be reached: looking among what is here'
        commit="$(git rev-parse --quiet --verify "origin/$wanted^{commit}" || git rev-parse --quiet --verify "$wanted^{commit}")" ||
            fail "$wanted is neither a file nor a version that is known here."
        git archive "$commit" | tar -xf - -C "$UPDATING/next"
    fi
    [ -f "$UPDATING/next/artisan" ] && [ -f "$UPDATING/next/composer.json" ] && grep -q '^    install)' "$UPDATING/next/regimen" 2>/dev/null ||
        fail "$wanted is no version of Regimen that can be updated to."
}

# What is the same in both versions is not fetched a second time.
lend_packages() {
    mkdir -p "$UPDATING/next/storage/regimen"
    [ ! -f .env ] || cp -p .env "$UPDATING/next/.env"
    if [ -d vendor ] && diff -rq composer.json "$UPDATING/next/composer.json" >/dev/null && diff -rq packages "$UPDATING/next/packages" >/dev/null; then
        cp -a vendor "$UPDATING/next/vendor"
        cp -p storage/regimen/composer.stamp "$UPDATING/next/storage/regimen/"
        mkdir -p "$UPDATING/next/bootstrap/cache"
        composer dump-autoload --quiet --working-dir="$UPDATING/next"
    fi
    if [ -d node_modules ] && cmp -s package-lock.json "$UPDATING/next/package-lock.json"; then
        cp -al node_modules "$UPDATING/next/node_modules"
        cp -p storage/regimen/npm.stamp "$UPDATING/next/storage/regimen/"
    fi
    if [ -d public/build ] && [ -f storage/regimen/build.stamp ]; then
        cp -a public/build "$UPDATING/next/public/build"
        cp -p storage/regimen/build.stamp "$UPDATING/next/storage/regimen/"
    fi
    [ ! -d "$TOOLS" ] || cp -a "$TOOLS" "$UPDATING/next/storage/regimen/tools"
}

# The present version aside, the next one in its place.
change_places() {
    local entry
    mkdir -p "$UPDATING/before"
    ls -A "$UPDATING/next" >"$UPDATING/came"
    for entry in $(ls -A); do
        [[ $STAYS == *" $entry "* ]] || mv "$entry" "$UPDATING/before/"
    done
    for entry in $(cat "$UPDATING/came"); do
        [[ $STAYS == *" $entry "* ]] || mv "$UPDATING/next/$entry" .
    done
}

# However far that had come.
change_back() {
    local entry
    mkdir -p "$UPDATING/failed"
    for entry in $(ls -A "$UPDATING/before"); do
        [ ! -e "$entry" ] || mv "$entry" "$UPDATING/failed/"
        mv "$UPDATING/before/$entry" .
    done
    for entry in $(cat "$UPDATING/came"); do
        [[ $STAYS == *" $entry "* ]] || [ -e "$UPDATING/failed/$entry" ] || [ -e "$UPDATING/next/$entry" ] || mv "$entry" "$UPDATING/failed/"
    done
}

stamps() {
    local stamp
    for stamp in composer npm build; do
        [ ! -f "$1/$stamp.stamp" ] || cp -p "$1/$stamp.stamp" "$2/"
    done
}

stop_serving() { [ "$SERVED" = no ] || systemctl stop regimen-web.service regimen-worker.service regimen-clock.service; }

begin_serving() { [ "$SERVED" = no ] || systemctl start regimen-web.service regimen-worker.service regimen-clock.service; }

# Answers for the shop by its pages, as it will be served.
is_well() {
    local port=$FIRST_PORT pid well=0
    if [ "$SERVED" = yes ]; then
        begin_serving
        shop artisan regimen:well --wait=90
        return
    fi
    while ! port_is_free "$port"; do port=$((port + 1)); done
    php artisan regimen:web "$port" --folder="$UPDATING/web" --with-parent >"$UPDATING/web.log" 2>&1 &
    pid=$!
    php artisan regimen:well "http://127.0.0.1:$port" --wait=60 || well=1
    kill "$pid" 2>/dev/null
    wait "$pid" 2>/dev/null || true
    return "$well"
}

go_back() {
    trap - ERR INT TERM
    set +e
    say 'it failed: going back to the version and the shop of before'
    stop_serving
    change_back
    stamps "$UPDATING/before-stamps" storage/regimen
    [ -z "$old_commit" ] || git checkout --quiet --force "$old_commit"
    shop artisan regimen:restore "$final" --while-running --quiet || printf 'The shop’s data could not be put back by themselves: ./regimen restore %s\n' "$final" >&2
    begin_serving
    fail "The update failed, and everything is as it was. What failed is told above; a copy of the shop from before is $final."
}

update() {
    local wanted=$1 shop_file stamp
    commit='' old_commit='' final=''
    if [ -d .git ]; then
        [ -z "$(git status --porcelain --untracked-files=no)" ] || fail "Files of the program were changed here; an update would overwrite them: $(git diff --name-only HEAD | head -5 | tr '\n' ' ')"
        old_commit="$(git symbolic-ref --quiet --short HEAD || git rev-parse HEAD)"
    fi
    shop_file="$(shop artisan regimen:shop-file)"
    [ -s "$shop_file" ] || fail 'There is no shop of your own here yet: fetch the new version and begin with that.'
    [ "$SERVED" = yes ] || ! is_running "$shop_file" || fail 'The shop is running. Stop it with Ctrl-C where it was started, then update.'
    rm -rf "$UPDATING"
    mkdir -p "$UPDATING/before-stamps"
    say "fetching $wanted"
    fetch_version "$wanted"
    lend_packages
    say 'preparing it beside the present version'
    (cd "$UPDATING/next" && env -u APP_CONFIG_CACHE -u APP_ROUTES_CACHE bash ./regimen install) || { rm -rf "$UPDATING"; fail 'The new version could not be prepared. Nothing was changed.'; }

    [ "$SERVED" = no ] || (cd "$UPDATING/next" && chmod -R a+rX app artisan bootstrap config core database lang node_modules public resources routes vendor)

    say 'trying it with a copy of the shop'
    stamp="$(date +%Y-%m-%d-%H%M%S)"
    final="$(dirname "$shop_file")/before-update-$stamp.sqlite"
    shop artisan regimen:backup "$final" --quiet
    DB_DATABASE="$shop_file" shop_in "$UPDATING/next" artisan regimen:drill "$final" || { rm -rf "$UPDATING" "$final"; fail 'The new version cannot take over this shop. Nothing was changed.'; }

    say 'taking its place'
    stop_serving
    rm -f "$final"
    shop artisan regimen:backup "$final" --quiet || { begin_serving; fail 'No copy of the shop could be made. Nothing was changed.'; }
    stamps storage/regimen "$UPDATING/before-stamps"
    set -E
    trap go_back ERR INT TERM
    change_places
    stamps "$UPDATING/next/storage/regimen" storage/regimen
    shop artisan migrate --force --quiet || go_back
    is_well || go_back
    [ -z "$commit" ] || git checkout --quiet --force --detach "$commit" || go_back
    trap - ERR INT TERM
    rm -rf "$UPDATING"
    say "done. A copy of the shop from before is $final"
    [ "$SERVED" = yes ] || say './regimen start serves it'
}
