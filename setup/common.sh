# What bin/start and bin/test share: messages, versions, packages, and where things may be written. Sourced, not run.

set -euo pipefail
# What is installed and built here is read by the service user too.
umask 022

ROOT=$(dirname "$(dirname "$(realpath "${BASH_SOURCE[0]}")")")
SERVICE_USER=gondrik
POSTGRES=/usr/lib/postgresql/15/bin
# Debian packages that running Gondrik takes; the tests take a few more.
SERVER_PACKAGES=(php8.2-fpm php8.2-opcache php8.2-pgsql php8.2-mbstring php8.2-xml php8.2-curl php8.2-bcmath postgresql-15 nginx-light curl)

say() { printf '• %s\n' "$*"; }

fail() {
    printf 'gondrik: %s\n' "$*" >&2
    exit 1
}

is_root() { [ "$(id -u)" = 0 ]; }

# A wrong version gets a sentence, before anything breaks in a way that is hard to read.
check_versions() {
    command -v php >/dev/null || fail 'PHP 8.2 is needed and not installed: apt-get install php8.2-cli composer, then run this again.'
    php -r 'exit(PHP_MAJOR_VERSION === 8 && PHP_MINOR_VERSION === 2 ? 0 : 1);' \
        || fail "PHP 8.2 is needed, $(php -r 'echo PHP_VERSION;') is installed."
    command -v composer >/dev/null || fail 'Composer is needed and not installed: apt-get install composer, then run this again.'
    command -v node >/dev/null || fail 'Node 20.19 or later is needed and not installed.'
    node -e 'const [major, minor] = process.versions.node.split(".").map(Number); process.exit(major > 20 || (major === 20 && minor >= 19) ? 0 : 1)' \
        || fail "Node 20.19 or later is needed, $(node --version) is installed."
}

# Installs the Debian packages that are missing; starts none of their services, ours run on their own.
install_system_packages() {
    local package missing=()
    for package in "$@"; do
        [ "$(dpkg-query -W -f '${db:Status-Status}' "$package" 2>/dev/null)" = installed ] || missing+=("$package")
    done
    [ ${#missing[@]} -gt 0 ] || return 0
    say "Installing Debian packages: ${missing[*]}"
    local sudo=()
    if ! is_root; then
        command -v sudo >/dev/null || fail "These Debian packages are missing and only root can install them: ${missing[*]}"
        sudo=(sudo)
    fi
    local guard=
    if [ ! -e /usr/sbin/policy-rc.d ]; then
        guard=/usr/sbin/policy-rc.d
        printf '#!/bin/sh\nexit 101\n' | "${sudo[@]}" tee $guard >/dev/null
        "${sudo[@]}" chmod +x $guard
    fi
    local status=0
    "${sudo[@]}" apt-get update -qq \
        && "${sudo[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null \
        || status=$?
    [ -z "$guard" ] || "${sudo[@]}" rm -f $guard
    [ $status = 0 ] || fail "The Debian packages could not be installed: ${missing[*]}"
}

# Runs a command only when the files it depends on have changed since it last succeeded.
when_changed() {
    local stamp=$1 files=$2
    shift 2
    local now
    # shellcheck disable=SC2086
    now=$(cd "$ROOT" && find $files -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$now" ] && return 0
    "$@"
    printf '%s\n' "$now" >"$stamp"
}

install_packages() {
    when_changed "$ROOT/vendor/.installed" composer.json install_php_packages
    when_changed "$ROOT/node_modules/.installed" 'package.json package-lock.json' install_node_packages
}

install_php_packages() {
    say 'Installing PHP packages'
    (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet)
}

install_node_packages() {
    say 'Installing Node packages'
    (cd "$ROOT" && npm ci --no-audit --no-fund --loglevel=error)
}

build_page() {
    mkdir -p "$ROOT/public/build"
    when_changed "$ROOT/public/build/.built" 'web vite.config.ts package-lock.json' run_build
}

run_build() {
    say 'Building the page'
    (cd "$ROOT" && npm run --silent build -- --logLevel warn)
}

# PostgreSQL and PHP-FPM refuse root, so as root everything runs as a user of its own.
make_service_user() {
    is_root || return 0
    id "$SERVICE_USER" >/dev/null 2>&1 || useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$SERVICE_USER"
}

as_service() {
    if is_root; then
        (cd / && runuser -u "$SERVICE_USER" -- "$@")
    else
        "$@"
    fi
}

# Sets CODE and VAR. The code is served from the checkout where the service user can read it; a checkout below a closed home
# is copied beside the system's other data, and its var lies there too.
choose_places() {
    local instance=$1
    make_service_user
    if is_root; then
        chmod -R a+rX "$ROOT"/{app,bootstrap,config,core,database,public,routes,vendor} "$ROOT/artisan"
    fi
    if as_service test -r "$ROOT/artisan"; then
        CODE=$ROOT
        VAR=$ROOT/var/$instance
    else
        install_system_packages rsync
        local home
        home=/var/lib/gondrik/$(printf '%s' "$ROOT" | cksum | cut -d ' ' -f 1)
        say "The checkout cannot be read by the user $SERVICE_USER: serving a copy from $home"
        mkdir -p "$home/code"
        (cd "$ROOT" && rsync -a --delete --chmod=D755,F644 app bootstrap config core database public routes vendor artisan composer.json "$home/code/")
        chmod 755 /var/lib/gondrik "$home" "$home/code"
        CODE=$home/code
        VAR=$home/var/$instance
    fi
    mkdir -p "$VAR"/{cache,log,run,storage/framework/views,storage/logs,storage/app}
    if is_root; then
        chmod 755 "$(dirname "$VAR")"
        chown -R "$SERVICE_USER:" "$VAR"
    fi
}

# One start at a time for each var. Children must not hold the lock: start them with 9>&-.
take_lock() {
    exec 9>"$VAR/run/lock"
    flock -n 9 || fail "Another $1 is running already$([ ! -s "$VAR/run/address" ] || printf ' at %s' "$(cat "$VAR/run/address")"). Stop it first with Ctrl-C."
}

# A loopback port that is free: the wanted one if it is, else any.
free_port() {
    php -r '
        foreach ([(int) ($argv[1] ?? 0), 0] as $port) {
            $socket = @stream_socket_server("tcp://127.0.0.1:" . $port);
            if ($socket !== false) {
                echo substr(strrchr(stream_socket_get_name($socket, false), ":"), 1);
                exit(0);
            }
        }
        exit(1);' "${1:-0}"
}

# Ends a process that an earlier run of ours has left behind; the pid file may be old, so the command line must name our var.
end_leftover() {
    local pid
    pid=$(cat "$1" 2>/dev/null) || return 0
    if [ -n "$pid" ] && tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF "$VAR"; then
        kill "$pid" 2>/dev/null || true
        for _ in $(seq 50); do
            kill -0 "$pid" 2>/dev/null || break
            sleep 0.1
        done
    fi
    rm -f "$1"
}
