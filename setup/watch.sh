# Watching what runs. Sourced by serve.

# Megabytes; below the first it is said, below the second the disk counts as full.
DISK_LOW=500
DISK_FULL=50
# To begin with: a database that is made takes half of it.
DISK_LEAST=100
# So many new starts of one program within so many seconds, and it is given up.
MOST_STARTS=5
STARTS_WITHIN=120

declare -A starts_of=()
disk_state=enough

# Until the starter is gone or something cannot be started any more: watch_over STARTER_PID
watch_over() {
    local starter=$1 beat=0 parent
    while true; do
        # In the background, so that a signal is heard at once.
        sleep 1 9>&- &
        wait $! || true
        beat=$((beat + 1))
        read -r _ _ _ parent _ </proc/$$/stat
        if [ "$parent" != "$starter" ]; then
            say 'What has started this is gone: stopping'
            exit 1
        fi
        [ $((beat % 5)) != 0 ] || watch_disk
        watch_database
        watch_web
        watch_gauges
        if [ $((beat % 60)) = 0 ]; then
            "$SETUP/keep" "$VAR" upkeep >/dev/null 2>&1 9>&- &
        fi
    done
}

watch_disk() {
    local free state=enough
    free=$(($(free_space "$VAR") / 1024))
    [ "$free" -ge $DISK_LOW ] || state=low
    [ "$free" -ge $DISK_FULL ] || state=full
    [ "$state" != "$disk_state" ] || return 0
    case $disk_state:$state in
        *:full) say "The disk is full: $free MB are free below $VAR. Nothing can be written until there is room" ;;
        full:*) say "The disk has room again: $free MB are free below $VAR" ;;
        *:low) say "The disk is filling up: $free MB are free below $VAR" ;;
        *) say "The disk is no longer filling up: $free MB are free below $VAR" ;;
    esac
    disk_state=$state
}

# A full disk is waited for; it says nothing about the program.
may_start_again() {
    local name=$1 now kept=() moment
    now=$(date +%s)
    if [ "$disk_state" = full ]; then
        sleep 5
        watch_disk
        return 0
    fi
    for moment in ${starts_of[$name]:-}; do
        [ $((now - moment)) -gt $STARTS_WITHIN ] || kept+=("$moment")
    done
    [ ${#kept[@]} -lt $MOST_STARTS ] || fail "$name has ended $MOST_STARTS times within $STARTS_WITHIN seconds and is given up: see $VAR/log"
    # The more often, the longer the pause before the next try.
    sleep ${#kept[@]}
    starts_of[$name]="${kept[*]} $now"
}

watch_database() {
    ! kill -0 "$POSTGRES_PID" 2>/dev/null || return 0
    watch_disk
    say "PostgreSQL has ended by itself (see $VAR/log/postgres.log): starting it again"
    may_start_again PostgreSQL
    end_orphans postgres
    if run_postgres; then say 'PostgreSQL runs again'; else say 'PostgreSQL did not start'; fi
}

watch_web() {
    local node
    for node in "${!FPM_PIDS[@]}"; do
        if ! kill -0 "${FPM_PIDS[$node]}" 2>/dev/null; then
            say "PHP-FPM of node $node has ended by itself (see $VAR/log/php-fpm.log): starting it again"
            may_start_again "PHP-FPM of node $node"
            end_orphans php-fpm8.2
            start_node "$node"
            say "PHP-FPM of node $node runs again"
        fi
    done
    if ! kill -0 "$NGINX_PID" 2>/dev/null; then
        say "nginx has ended by itself (see $VAR/log/nginx.log): starting it again"
        may_start_again nginx
        # Workers whose master was killed still hold its port.
        end_orphans nginx
        start_nginx
        say 'nginx runs again'
    fi
}
