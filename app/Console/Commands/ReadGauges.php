<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Gauge\GaugeReader;
use Illuminate\Console\Command;

/** Holds the lines to the gauges until it is ended; setup/serve starts it and watches it. */
final class ReadGauges extends Command
{
    protected $signature = 'gauges:read';

    protected $description = 'Read the gauges of GONDRIK_GAUGES, for whoever asks at its socket';

    public function handle(): int
    {
        $gauges = [];
        foreach (array_filter(array_map(trim(...), explode(',', config()->string('gauges.gauges')))) as $stated) {
            if (preg_match('/^([a-z0-9-]{1,40})=((?:[A-Za-z0-9.-]+|\[[0-9a-f:]+\]):\d{1,5})$/', $stated, $found) !== 1) {
                $this->error('GONDRIK_GAUGES "' . $stated . '": must be a name and an address, like bench=127.0.0.1:8470, several with commas between');

                return self::INVALID;
            }
            $gauges[$found[1]] = $found[2];
        }
        (new GaugeReader($gauges, config()->string('gauges.socket')))->run();

        return self::SUCCESS;
    }
}
