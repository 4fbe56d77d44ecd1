<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Proof\Series;

/** Series of pulls side by side as plain data, nothing of it rounded; forces in N. */
final readonly class SeriesWriter
{
    /** @return array<string, mixed> */
    public function series(Series $series): array
    {
        return [
            'asset' => $series->asset->id,
            'tool' => $series->asset->tool->name,
            'nest' => $series->nest,
            'note' => $series->note,
            'forces' => $series->forces,
            'mean' => $series->spread->mean,
            'deviation' => $series->spread->deviation,
            'least' => $series->spread->least,
            'most' => $series->spread->most,
            'modes' => array_map(static fn(string $mode, int $count): array => ['mode' => $mode, 'count' => $count], array_keys($series->modes), array_values($series->modes)),
            'required' => $series->required,
            'difference' => $series->comparison?->difference,
            'chance' => $series->chance,
            'isWorse' => $series->isWorse(),
        ];
    }
}
