# A PostgreSQL cluster of our own under VAR, on loopback; the application itself comes through a socket, which is quicker. Sourced by serve.
#
# Two roles: the keeper has made the cluster and may everything, and does nothing but make databases; the application's own
# role owns its databases and what is in them, and may nothing else.

POSTGRES=/usr/lib/postgresql/15/bin
KEEPER=gondrik
APPLICATION=gondrik_app
MADE_CLUSTER=
POSTGRES_PID=
POSTGRES_OPTIONS=()

# Writes a file whole or not at all, from standard input.
write_file() {
    cat >"$1.new" && mv "$1.new" "$1"
}

secret() {
    [ -s "$1" ] || php -r 'echo bin2hex(random_bytes(24));' | write_file "$1"
    cat "$1"
}

# Starts it, making it first where there is none; more settings may follow as arguments. Sets DB_PORT and DB_PASSWORD.
start_database() {
    local setting keeper_password
    keeper_password=$(secret database-password)
    DB_PASSWORD=$(secret application-password)
    if [ ! -f postgres/PG_VERSION ]; then
        say 'Making the database'
        MADE_CLUSTER=yes
        # Made aside and moved into place, so that a broken attempt leaves nothing half made.
        rm -rf postgres postgres.new
        "$POSTGRES/initdb" -D postgres.new -U "$KEEPER" --auth=scram-sha-256 --pwfile=database-password --encoding=UTF8 --locale=C.UTF-8 >/dev/null || return 1
        mv postgres.new postgres
    fi
    DB_PORT=$(free_port ${GONDRIK_DB_PORT:+"$GONDRIK_DB_PORT"})
    for setting in listen_addresses=127.0.0.1 unix_socket_directories="$SOCKETS" "$@"; do POSTGRES_OPTIONS+=(-c "$setting"); done
    export PGPASSWORD=$keeper_password
    run_postgres && make_role
}

run_postgres() {
    "$POSTGRES/postgres" -D "$VAR/postgres" -p "$DB_PORT" "${POSTGRES_OPTIONS[@]}" >>log/postgres.log 2>&1 9>&- &
    POSTGRES_PID=$!
    disown $!
    for _ in $(seq 600); do
        "$POSTGRES/pg_isready" -q -h 127.0.0.1 -p "$DB_PORT" && return 0
        kill -0 "$POSTGRES_PID" 2>/dev/null || return 1
        sleep 0.1
    done
    return 1
}

stop_database() {
    [ -n "$POSTGRES_PID" ] || return 0
    end_child INT "$POSTGRES_PID"
    POSTGRES_PID=
}

remove_cluster() { rm -rf postgres postgres.new database-password application-password; }

sql() { PGOPTIONS='-c client_min_messages=warning' "$POSTGRES/psql" -h 127.0.0.1 -p "$DB_PORT" -U "$KEEPER" -v ON_ERROR_STOP=1 -qtAX "$@"; }

make_role() {
    [ "$(sql -d postgres -c "select 1 from pg_roles where rolname = '$APPLICATION'")" = 1 ] \
        || sql -d postgres -c "create role $APPLICATION login nosuperuser nocreatedb nocreaterole"
    sql -d postgres -c "alter role $APPLICATION password '$DB_PASSWORD'"
    # Who waits too long for another's change is told so; who has gone away in the middle of one holds nobody up.
    sql -d postgres -c "alter role $APPLICATION set lock_timeout = '60s'" -c "alter role $APPLICATION set idle_in_transaction_session_timeout = '200s'"
}

# What a restore that was killed in its midst has left: a database that lets nobody in, and one that is half filled.
heal_database() {
    if [ "$(sql -d postgres -c "select 1 from pg_database where datname = '$1' and not datallowconn")" = 1 ]; then
        say 'A restore was broken off: what was there before is opened again'
        sql -d postgres -c "alter database $1 allow_connections true"
    fi
    sql -d postgres -c "drop database if exists ${1}_restoring with (force)"
}

# Makes a database unless it is there; one that the keeper made and owns, as was once the custom, changes hands.
make_database() {
    case $(sql -d postgres -c "select pg_get_userbyid(datdba) from pg_database where datname = '$1'") in
        '') sql -d postgres -c "create database $1 owner $APPLICATION" ;;
        "$APPLICATION") ;;
        *) hand_over "$1" ;;
    esac
}

# copy_database FROM TO: with all that is in it, in place of what was there
copy_database() {
    sql -d postgres -c "drop database if exists $2" -c "create database $2 owner $APPLICATION template $1"
}

hand_over() {
    sql -d "$1" <<SQL
begin;
alter database $1 owner to $APPLICATION;
do \$\$ declare found record; begin
    for found in select relname from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'v') loop
        execute format('alter table public.%I owner to $APPLICATION', found.relname);
    end loop;
end \$\$;
commit;
SQL
}
