# A PostgreSQL cluster of our own under var, on loopback. Sourced after common.sh.

# Starts it, making it first where there is none. Sets DB_PORT and DB_PASSWORD. More settings may follow as arguments.
start_database() {
    local data=$VAR/postgres setting settings=()
    if [ ! -f "$VAR/database-password" ]; then
        php -r 'echo bin2hex(random_bytes(24));' >"$VAR/database-password"
    fi
    if is_root; then chown "$SERVICE_USER:" "$VAR/database-password"; fi
    chmod 600 "$VAR/database-password"
    DB_PASSWORD=$(cat "$VAR/database-password")
    if [ ! -f "$data/PG_VERSION" ]; then
        say 'Making the database'
        # Made aside and moved into place, so that a broken attempt leaves nothing half made.
        rm -rf "$data" "$data.new"
        as_service "$POSTGRES/initdb" -D "$data.new" -U "$SERVICE_USER" --auth=scram-sha-256 --pwfile="$VAR/database-password" --encoding=UTF8 --locale=C.UTF-8 >/dev/null
        mv "$data.new" "$data"
    fi
    stop_database
    DB_PORT=$(free_port "${GONDRIK_DB_PORT:-0}")
    for setting in listen_addresses=127.0.0.1 unix_socket_directories= "$@"; do settings+=("-c $setting"); done
    as_service "$POSTGRES/pg_ctl" start -s -w -t 60 -D "$data" -l "$VAR/log/postgres.log" -o "-p $DB_PORT ${settings[*]}" >/dev/null 9>&- \
        || fail "PostgreSQL did not start: see $VAR/log/postgres.log"
    export DB_PORT DB_PASSWORD PGPASSWORD=$DB_PASSWORD
}

stop_database() {
    if [ -f "$VAR/postgres/postmaster.pid" ] && as_service "$POSTGRES/pg_ctl" status -D "$VAR/postgres" >/dev/null 2>&1; then
        as_service "$POSTGRES/pg_ctl" stop -s -w -m fast -D "$VAR/postgres"
    fi
}

sql() { "$POSTGRES/psql" -h 127.0.0.1 -p "$DB_PORT" -U "$SERVICE_USER" -v ON_ERROR_STOP=1 -qtA "$@"; }

# Makes a database unless it is there.
make_database() {
    [ "$(sql -d postgres -c "select 1 from pg_database where datname = '$1'")" = 1 ] || sql -d postgres -c "create database $1"
}
