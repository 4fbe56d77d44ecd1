# The web server: PHP-FPM behind nginx on one loopback port, both unprivileged. Sourced after common.sh and database.sh.

# Writes the settings of the application: write_settings DATABASE WEB_PORT
write_settings() {
    local key
    key=$(grep -s '^APP_KEY=' "$VAR/.env" | cut -d = -f 2-) || true
    [ -n "$key" ] || key=base64:$(php -r 'echo base64_encode(random_bytes(32));')
    cat >"$VAR/.env" <<SETTINGS
APP_ENV=production
APP_DEBUG=false
APP_KEY=$key
APP_URL=http://127.0.0.1:$2
DB_PORT=$DB_PORT
DB_DATABASE=$1
DB_PASSWORD=$DB_PASSWORD
SANCTUM_STATEFUL_DOMAINS=127.0.0.1:$2,localhost:$2
SETTINGS
    chmod 600 "$VAR/.env"
    if is_root; then chown "$SERVICE_USER:" "$VAR/.env"; fi
}

# The settings file decides, not what the caller's environment happens to hold.
artisan() { as_service env -u DB_PORT -u DB_PASSWORD GONDRIK_VAR="$VAR" php "$CODE/artisan" "$@"; }

# Starts both: start_web WEB_PORT
start_web() {
    local port=$1
    stop_web
    # A socket's path may have 107 characters, which a checkout far down a tree would break.
    local sockets
    sockets=$(mktemp -d /tmp/gondrik.XXXXXX)
    if is_root; then chown "$SERVICE_USER:" "$sockets"; fi
    printf '%s' "$sockets" >"$VAR/run/sockets"
    for template in php-fpm nginx; do
        sed -e "s#@CODE@#$CODE#g; s#@VAR@#$VAR#g; s#@SOCKETS@#$sockets#g; s#@PORT@#$port#g" "$ROOT/setup/$template.conf" >"$VAR/run/$template.conf"
        chmod a+r "$VAR/run/$template.conf"
    done
    mkdir -p "$VAR/run/nginx"
    if is_root; then chown "$SERVICE_USER:" "$VAR/run/nginx"; fi
    as_service /usr/sbin/php-fpm8.2 --nodaemonize --fpm-config "$VAR/run/php-fpm.conf" >>"$VAR/log/php-fpm.out" 2>&1 9>&- &
    as_service /usr/sbin/nginx -p "$VAR/run/nginx" -e "$VAR/log/nginx.log" -c "$VAR/run/nginx.conf" >>"$VAR/log/nginx.out" 2>&1 9>&- &
    for _ in $(seq 100); do
        if curl -fsS -o /dev/null "http://127.0.0.1:$port/api/v1/session" 2>/dev/null; then
            printf 'http://127.0.0.1:%s' "$port" >"$VAR/run/address"
            return 0
        fi
        sleep 0.1
    done
    tail -n 5 "$VAR"/log/php-fpm.* "$VAR"/log/nginx.* "$VAR/storage/logs/gondrik.log" >&2 2>/dev/null || true
    fail "The web server did not answer on port $port: see $VAR/log"
}

stop_web() {
    end_leftover "$VAR/run/nginx.pid"
    end_leftover "$VAR/run/php-fpm.pid"
    rm -f "$VAR/run/address"
    # Also the folder that a crash has left.
    local sockets
    sockets=$(cat "$VAR/run/sockets" 2>/dev/null) || true
    case "$sockets" in /tmp/gondrik.*) rm -rf "$sockets" ;; esac
    rm -f "$VAR/run/sockets"
}
