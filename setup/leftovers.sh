# Ending processes: our own, and those of an earlier run that was killed. Sourced by serve, which is the service user, so that
# no process of anybody else comes into question.

# end_child SIGNAL PID: our programs are disowned, so that bash reports none of them; what does not go within half a minute is
# killed.
end_child() {
    kill "-$1" "$2" 2>/dev/null || return 0
    for _ in $(seq 300); do
        kill -0 "$2" 2>/dev/null || return 0
        sleep 0.1
    done
    kill -KILL "$2" 2>/dev/null || true
}

# Ours are told by what they run and where: all of them stand in a folder under VAR, workers whose master is gone too.
leftovers() {
    local process place program
    for process in /proc/[0-9]*; do
        place=$(readlink "$process/cwd" 2>/dev/null) || continue
        program=$(readlink "$process/exe" 2>/dev/null) || continue
        [[ $place == "$VAR" || $place == "$VAR"/* ]] || continue
        case ${program% (deleted)} in
            */postgres | */nginx | */php-fpm8.2 | */php8.2) printf '%s %s\n' "${process#/proc/}" "${program##*/}" ;;
        esac
    done
}

end_leftovers() {
    local found id program try
    # First in the way each of them likes: PostgreSQL ends quickly on INT, and its orphans on TERM; in the end whatever it takes.
    for try in INT TERM KILL; do
        found=$(leftovers)
        [ -n "$found" ] || break
        [ $try$* != INT ] || say 'Ending what an earlier run has left behind'
        while read -r id program; do
            case $try:$program in
                INT:postgres) kill -INT "$id" ;;
                KILL:*) kill -KILL "$id" ;;
                *) kill -TERM "$id" ;;
            esac 2>/dev/null || true
        done <<<"$found"
        for _ in $(seq 50); do
            [ -n "$(leftovers)" ] || break
            sleep 0.1
        done
    done
    SOCKETS=$(cat run/sockets 2>/dev/null) || true
    remove_sockets
    rm -rf run/uploads run/body
    # PostgreSQL takes a dead process that nobody has collected yet for a running one; that there is none is known here.
    [ -n "$(leftovers)" ] || rm -f postgres/postmaster.pid
}

# A socket's path may have 107 characters, which a checkout far down a tree would break: they have a folder of their own.
make_sockets() {
    SOCKETS=$(mktemp -d /tmp/gondrik.XXXXXX)
    printf '%s\n' "$SOCKETS" >run/sockets
}

remove_sockets() {
    case "$SOCKETS" in /tmp/gondrik.??????) rm -rf "$SOCKETS" ;; esac
    rm -f run/sockets
}

# Those of one program whose parent is none of ours any more: end_orphans nginx
end_orphans() {
    local found id program parent
    found=$'\n'$(leftovers)$'\n'
    while read -r id program; do
        [ "$program" = "$1" ] || continue
        read -r _ _ _ parent _ 2>/dev/null <"/proc/$id/stat" || continue
        case $found in *$'\n'"$parent "*) continue ;; esac
        [ "$parent" = $$ ] || kill -KILL "$id" 2>/dev/null || true
    done <<<"$found"
}
