<?php

declare(strict_types=1);

/* The gauges of this installation (docs/gauge.md). */
return [
    // name=host:port, several with commas between.
    'gauges' => (string) env('GONDRIK_GAUGES'),
    // Where the reader of gauges is asked; setup/serve says.
    'socket' => (string) env('GONDRIK_GAUGE_SOCKET'),
];
