<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Coverage\Ruler;
use Gondrik\Core\Coverage\RulerBar;
use Gondrik\Core\Coverage\RulerDrop;
use Gondrik\Core\Coverage\RulerLane;
use Gondrik\Core\Coverage\RulerSegment;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Size\Family;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\TradeSeries;

/** A ruler as plain data. All places are areas in mm². */
final class RulerWriter
{
    /** @return array<string, mixed> */
    public function ruler(Ruler $ruler): array
    {
        return [
            'ticks' => [...$this->ticks(Family::Gauge), ...$this->ticks(Family::Metric)],
            'lanes' => array_map($this->lane(...), $ruler->lanes),
            'drops' => array_map($this->drop(...), $ruler->drops),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function ticks(Family $family): array
    {
        return array_map(static fn(Size $size): array => [
            'family' => $family->value,
            'label' => (string) preg_replace('~ .*$~', '', $size->written),
            'area' => $size->area,
        ], TradeSeries::of($family));
    }

    /** @return array<string, mixed> */
    private function lane(RulerLane $lane): array
    {
        return ['name' => $lane->name, 'bars' => array_map($this->bar(...), $lane->bars)];
    }

    /** @return array<string, mixed> */
    private function bar(RulerBar $bar): array
    {
        return [
            'tool' => $bar->tool->id,
            'name' => $bar->tool->name,
            'fit' => $bar->fit->value,
            'from' => $bar->from,
            'to' => $bar->to,
            'proven' => self::proven($bar->provenFrom, $bar->provenTo),
            'segments' => array_map(static fn(RulerSegment $segment): array => [
                'label' => $segment->label,
                'code' => $segment->code,
                'from' => $segment->from,
                'to' => $segment->to,
                'proven' => self::proven($segment->provenFrom, $segment->provenTo),
            ], $bar->segments),
        ];
    }

    /** @return array{from: float, to: float}|null */
    private static function proven(?float $from, ?float $to): ?array
    {
        return $from === null || $to === null ? null : ['from' => $from, 'to' => $to];
    }

    /** @return array<string, mixed> */
    private function drop(RulerDrop $drop): array
    {
        return [
            'size' => $drop->size->written,
            'family' => $drop->size->family->value,
            'otherSize' => $drop->inOtherFamily(),
            'area' => $drop->size->area,
            'lines' => $drop->lines,
            'quantity' => $drop->quantity,
            'status' => $drop->status->value,
            'marks' => (object) array_map(static fn(Status $status): string => $status->value, $drop->marks),
        ];
    }
}
