# What bin/start, bin/test and the rest share: messages, the service user, and where things may be written. Sourced, not run.

set -euo pipefail
# What is installed and built here is read by the service user too.
umask 022

ROOT=$(dirname "$(dirname "$(realpath "${BASH_SOURCE[0]}")")")
SERVICE_USER=gondrik

say() { printf '• %s\n' "$*"; }

fail() {
    printf 'gondrik: %s\n' "$*" >&2
    exit 1
}

is_root() { [ "$(id -u)" = 0 ]; }

# PostgreSQL and PHP-FPM refuse root, so as root everything that runs does so as a user of its own.
make_service_user() {
    is_root || return 0
    id "$SERVICE_USER" >/dev/null 2>&1 || useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$SERVICE_USER"
}

# Runs a command as the service user, for good: nothing that it starts can become root again. What that user can write, root
# never opens, follows or ends by itself; all of it goes through here.
AS_SERVICE=(env)
! is_root || AS_SERVICE=(setpriv --reuid="$SERVICE_USER" --regid="$SERVICE_USER" --init-groups --no-new-privs --)

as_service() { (cd / && exec "${AS_SERVICE[@]}" "$@"); }

# Sets CODE and VAR. The code is served from the checkout where the service user can read it; a checkout below a closed home
# is copied beside the system's other data, and its var lies there too: find_places INSTANCE
find_places() {
    local home=$ROOT
    CODE=$ROOT
    if ! as_service test -r "$ROOT/artisan"; then
        home=/var/lib/gondrik/$(printf '%s' "$ROOT" | cksum | cut -d ' ' -f 1)
        CODE=$home/code
    fi
    VAR=$home/var/$1
}

# Finds them, and makes them where they are missing. VAR alone belongs to the service user.
choose_places() {
    make_service_user
    if is_root; then
        chmod -R a+rX "$ROOT"/{app,bootstrap,config,core,database,public,resources,routes,setup,vendor} "$ROOT/artisan"
    fi
    find_places "$1"
    if [ "$CODE" != "$ROOT" ]; then
        install_system_packages rsync
        say "The checkout cannot be read by the user $SERVICE_USER: serving a copy from $CODE"
        mkdir -p "$CODE"
        chmod 755 /var/lib/gondrik "$(dirname "$CODE")" "$CODE"
        copy_code
    fi
    mkdir -p "$(dirname "$VAR")"
    chmod 755 "$(dirname "$VAR")"
    [ ! -L "$VAR" ] || fail "$VAR is a link: remove it, then run this again."
    if is_root; then
        [ -d "$VAR" ] || install -d -m 700 -o "$SERVICE_USER" -g "$SERVICE_USER" "$VAR"
        # A var that was made by another user: only the folder itself, and nothing that lies in it is followed.
        chown --no-dereference "$SERVICE_USER:" "$VAR"
    fi
    as_service mkdir -p "$VAR"
    as_service chmod 700 "$VAR"
}

copy_code() {
    (cd "$ROOT" && rsync -a --delete --chmod=D755,F644 --exclude public/build.new app bootstrap config core database public resources routes setup vendor artisan composer.json "$CODE/" \
        && chmod 755 "$CODE"/setup/{serve,keep})
}

# A loopback port that is free: the first of the wanted ones that is, else any.
free_port() {
    php -r '
        foreach ([...array_slice($argv, 1), 0] as $port) {
            $socket = @stream_socket_server("tcp://127.0.0.1:" . (int) $port);
            if ($socket !== false) {
                echo substr(strrchr(stream_socket_get_name($socket, false), ":"), 1);
                exit(0);
            }
        }
        exit(1);' "$@"
}

# Kilobytes that are free on the disk of a folder.
free_space() { df -Pk "$1" | awk 'NR == 2 { print $4 }'; }
