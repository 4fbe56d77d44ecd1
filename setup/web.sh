# The web server: PHP-FPM for each node, nginx before them on one loopback port. Sourced by serve.
#
# A node is a PHP-FPM of its own with a folder of its own for what the framework writes; the nodes share PostgreSQL and the
# key that cookies are sealed with, and nothing else.

FPM_PIDS=()
NGINX_PID=

# What an artisan command of the first node sees.
artisan() { node_artisan 1 "$@"; }

# The settings file decides, not what the caller's environment happens to hold.
node_artisan() {
    local node=$1
    shift
    env -u PGPASSWORD GONDRIK_VAR="$VAR/node-$node" php -d memory_limit=256M "$CODE/artisan" "$@"
}

# Settings, caches and places of every node: prepare_nodes DATABASE
prepare_nodes() {
    local node key hosts=127.0.0.1:$WEB_PORT,localhost:$WEB_PORT
    key=$(grep -s '^APP_KEY=' .env node-1/.env | head -n 1 | cut -d = -f 2-) || true
    [ -n "$key" ] || key=base64:$(php -r 'echo base64_encode(random_bytes(32));')
    [ -z "$PUBLIC_URL" ] || hosts=$hosts,$(sed 's#^[a-z]*://##; s#/.*##' <<<"$PUBLIC_URL")
    for node in $(seq "$NODES"); do
        mkdir -p "node-$node"/{cache,storage/framework/views,storage/app} run/uploads
        rm -f "node-$node"/cache/*.php
        write_file "node-$node/.env" <<SETTINGS
APP_ENV=production
APP_DEBUG=false
APP_KEY=$key
APP_URL=${PUBLIC_URL:-http://127.0.0.1:$WEB_PORT}
DB_HOST=$SOCKETS
DB_PORT=$DB_PORT
DB_DATABASE=$1
DB_USERNAME=$APPLICATION
DB_PASSWORD=$DB_PASSWORD
DB_PERSISTENT=true
SANCTUM_STATEFUL_DOMAINS=$hosts
TRUSTED_PROXY=${PUBLIC_URL:+127.0.0.1}
GONDRIK_LOG=$VAR/log/gondrik.log
MAIL_MAILER=$([ -n "${GONDRIK_MAIL_URL:-}" ] && echo smtp || echo log)
MAIL_URL=${GONDRIK_MAIL_URL:-}
MAIL_FROM_ADDRESS=${GONDRIK_MAIL_FROM:-gondrik@localhost}
MAIL_FROM_NAME=Gondrik
GONDRIK_UPLOADS_PER_MINUTE=${GONDRIK_UPLOADS_PER_MINUTE:-}
GONDRIK_FEEDS_PER_MINUTE=${GONDRIK_FEEDS_PER_MINUTE:-}
GONDRIK_SIGN_INS_PER_ACCOUNT=${GONDRIK_SIGN_INS_PER_ACCOUNT:-}
GONDRIK_SIGN_INS_PER_ADDRESS=${GONDRIK_SIGN_INS_PER_ADDRESS:-}
GONDRIK_SIGN_INS_IN_ALL=${GONDRIK_SIGN_INS_IN_ALL:-}
GONDRIK_LONG_AT_ONCE=${GONDRIK_LONG_AT_ONCE:-}
GONDRIK_GAUGES=$GAUGES
GONDRIK_GAUGE_SOCKET=$SOCKETS/gauges.sock
SETTINGS
        # Read once here and not with every request.
        node_artisan "$node" optimize --except=views --quiet
    done
    rm -f .env
}

# fill_database NAME demo|open|''
fill_database() {
    local run=(env -u PGPASSWORD GONDRIK_VAR="$VAR/node-1" APP_CONFIG_CACHE="$VAR/node-1/cache/none.php" DB_DATABASE="$1" php "$CODE/artisan")
    case $2 in
        demo) "${run[@]}" migrate --force --quiet --seed ;;
        open) "${run[@]}" migrate --force --quiet && "${run[@]}" shop:open ;;
        *) "${run[@]}" migrate --force --quiet ;;
    esac
}

start_web() {
    local node servers= long= transport=
    # Who has once come over https does not come without it any more.
    [[ $PUBLIC_URL != https://* ]] || transport='add_header Strict-Transport-Security "max-age=31536000" always;'
    mkdir -p run/{body,fastcgi,uploads}
    for node in $(seq "$NODES"); do
        fill_template php-fpm.conf "s#@NODE@#$node#g" >"run/php-fpm-$node.conf"
        fill_template php-fpm-workers.conf "s#@NODE@#$node#g" >"run/php-fpm-workers-$node.conf"
        servers+="server unix:$SOCKETS/php-$node.sock max_fails=0; "
        long+="server unix:$SOCKETS/php-$node-long.sock max_fails=0; "
    done
    fill_template nginx-php.conf "" >run/nginx-php.conf
    fill_template nginx.conf "s#@SERVERS@#$servers#g; s#@LONG_SERVERS@#$long#g; s#@TRANSPORT@#$transport#g" >run/nginx.conf
    for node in $(seq "$NODES"); do start_node "$node"; done
    start_nginx
}

fill_template() { sed -e "$2" -e "s#@CODE@#$CODE#g; s#@VAR@#$VAR#g; s#@SOCKETS@#$SOCKETS#g; s#@PORT@#$WEB_PORT#g; s#@WALL_SECONDS@#${GONDRIK_WALL_SECONDS:-180}#g; s#@CPU_SECONDS@#${GONDRIK_CPU_SECONDS:-30}#g" "$SETUP/$1"; }

start_node() {
    rm -f "$SOCKETS/php-$1.sock" "$SOCKETS/php-$1-long.sock"
    env -u PGPASSWORD /usr/sbin/php-fpm8.2 --nodaemonize --fpm-config "$VAR/run/php-fpm-$1.conf" >>log/php-fpm.log 2>&1 9>&- &
    FPM_PIDS[$1]=$!
    disown $!
}

start_nginx() {
    env -u PGPASSWORD /usr/sbin/nginx -p "$VAR/run" -e "$VAR/log/nginx.log" -c "$VAR/run/nginx.conf" >>log/nginx.log 2>&1 9>&- &
    NGINX_PID=$!
    disown $!
}

wait_for_web() {
    for _ in $(seq 100); do
        ! curl -fsS -m 10 -o /dev/null "http://127.0.0.1:$WEB_PORT/api/v1/health" 2>/dev/null || return 0
        sleep 0.1
    done
    tail -n 5 log/*.log >&2 || true
    return 1
}

stop_web() {
    local id
    for id in $NGINX_PID "${FPM_PIDS[@]}"; do end_child TERM "$id"; done
    NGINX_PID='' FPM_PIDS=()
}
