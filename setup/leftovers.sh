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
    local found id program signal
    # First kindly (PostgreSQL ends at once on INT, and only then), then not.
    for signal in kindly kindly hard; do
        found=$(leftovers)
        [ -n "$found" ] || break
        say 'Ending what an earlier run has left behind'
        while read -r id program; do
            case $signal:$program in
                hard:postgres) kill -QUIT "$id" ;;
                hard:*) kill -KILL "$id" ;;
                *:postgres) kill -INT "$id" ;;
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
    local id program parent
    while read -r id program; do
        [ "$program" = "$1" ] || continue
        read -r _ _ _ parent _ <"/proc/$id/stat" 2>/dev/null || continue
        leftovers | grep -q "^$parent " || [ "$parent" = $$ ] || kill -KILL "$id" 2>/dev/null || true
    done < <(leftovers)
}
