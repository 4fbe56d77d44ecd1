# The gauges (docs/gauge.md): their reader, and before the demo a gauge that stands in for one. Sourced by serve. The shop goes on without
# them, so neither is ever given up.

GAUGE_PID=
READER_PID=
# Seconds between two starts of one of them.
GAUGE_PAUSE=5
declare -A gauge_started=()

# choose_gauges FILLING: GAUGES and SIMULATED_PORT
choose_gauges() {
    GAUGES=${GONDRIK_GAUGES:-} SIMULATED_PORT=
    if [ -z "$GAUGES" ] && [ "$1" = demo ]; then
        SIMULATED_PORT=$(free_port 8470)
        GAUGES=simulated=127.0.0.1:$SIMULATED_PORT
    fi
}

start_gauges() {
    [ -z "$SIMULATED_PORT" ] || start_simulated_gauge
    [ -z "$GAUGES" ] || start_reader
}

start_simulated_gauge() {
    gauge_started[gauge]=$SECONDS
    env -u PGPASSWORD php -d memory_limit=64M "$CODE/app/Gauge/simulated.php" --port "$SIMULATED_PORT" --mean 158 --spread 5 "${GAUGE_HASTE[@]}" >>log/gauge.log 2>&1 9>&- &
    GAUGE_PID=$!
    disown $!
}

start_reader() {
    gauge_started[reader]=$SECONDS
    env -u PGPASSWORD GONDRIK_VAR="$VAR/node-1" php -d memory_limit=128M "$CODE/artisan" gauges:read >>log/gauge.log 2>&1 9>&- &
    READER_PID=$!
    disown $!
}

watch_gauges() {
    if [ -n "$GAUGE_PID" ] && ! kill -0 "$GAUGE_PID" 2>/dev/null && [ $((SECONDS - gauge_started[gauge])) -ge $GAUGE_PAUSE ]; then
        say "The simulated gauge has ended by itself (see $VAR/log/gauge.log): starting it again"
        start_simulated_gauge
    fi
    if [ -n "$READER_PID" ] && ! kill -0 "$READER_PID" 2>/dev/null && [ $((SECONDS - gauge_started[reader])) -ge $GAUGE_PAUSE ]; then
        say "The reader of gauges has ended by itself (see $VAR/log/gauge.log): starting it again"
        start_reader
    fi
}

stop_gauges() {
    local id
    for id in $READER_PID $GAUGE_PID; do end_child TERM "$id"; done
    READER_PID='' GAUGE_PID=''
}
