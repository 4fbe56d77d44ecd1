# What must be installed and built before anything runs. Sourced after common.sh.

# Debian packages that running Gondrik takes; the tests take a few more.
SERVER_PACKAGES=(php8.2-fpm php8.2-opcache php8.2-pgsql php8.2-mbstring php8.2-xml php8.2-curl php8.2-bcmath php8.2-gd php8.2-zip postgresql-15 nginx-light curl logrotate)

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

# Runs a command only when the files it depends on have changed since it last succeeded. What a first attempt has left half
# made goes away again.
when_changed() {
    local stamp=$1 files=$2 now folder
    folder=$(dirname "$stamp")
    [ -e "$folder" ] && folder=
    shift 2
    # shellcheck disable=SC2086
    now=$(cd "$ROOT" && find $files -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)
    [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$now" ] && return 0
    if ! "$@" || ! printf '%s\n' "$now" >"$stamp.new" || ! mv "$stamp.new" "$stamp"; then
        rm -f "$stamp.new"
        [ -z "$folder" ] || rm -rf "$folder"
        fail "This did not succeed: $*"
    fi
}

# Before the first byte is written: a first start takes most of a gigabyte, a later one next to nothing.
check_disk() {
    local needed=100 free
    [ -f "$ROOT/vendor/.installed" ] && [ -f "$ROOT/node_modules/.installed" ] || needed=900
    free=$(($(free_space "$ROOT") / 1024))
    [ "$free" -ge "$needed" ] || fail "The disk of $ROOT has $free MB free, and $needed MB are needed: make room, then run this again. Nothing was changed."
}

install_packages() {
    when_changed "$ROOT/vendor/.installed" 'composer.json setup/php-packages.txt' install_php_packages
    when_changed "$ROOT/node_modules/.installed" 'package.json package-lock.json' install_node_packages
}

# The exact version of every package, of those that packages bring along too.
install_php_packages() {
    say 'Installing PHP packages'
    local pins=()
    mapfile -t pins < <(sed -e '/^$/d' -e '/^#/d' -e 's/^\(.*\) \(.*\)$/--with=\1:\2/' "$ROOT/setup/php-packages.txt")
    (cd "$ROOT" && COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet "${pins[@]}")
}

install_node_packages() {
    say 'Installing Node packages'
    (cd "$ROOT" && npm ci --no-audit --no-fund --loglevel=error)
}

build_page() {
    when_changed "$ROOT/public/build/.built" 'web vite.config.ts package-lock.json' run_build
}

# Built aside: a page that is being served is never half there.
run_build() {
    say 'Building the page'
    (cd "$ROOT" && rm -rf public/build.new && npm run --silent build -- --logLevel warn --outDir ../public/build.new --emptyOutDir) \
        && rm -rf "$ROOT/public/build" && mv "$ROOT/public/build.new" "$ROOT/public/build"
}
