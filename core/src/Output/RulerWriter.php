<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Match\Segment;
use Gondrik\Core\Match\Stretch;
use Gondrik\Core\Ruler\BarOfTwo;
use Gondrik\Core\Ruler\DropOfTwo;
use Gondrik\Core\Ruler\Ruler;
use Gondrik\Core\Ruler\RulerBar;
use Gondrik\Core\Ruler\RulerDrop;
use Gondrik\Core\Ruler\RulerLane;
use Gondrik\Core\Ruler\RulerMiss;
use Gondrik\Core\Ruler\RulerOfTwo;
use Gondrik\Core\Size\Family;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\TradeSeries;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;

/** A ruler as plain data. All places are areas in mm². */
final readonly class RulerWriter
{
    private Sentence $sentence;

    public function __construct(Units $units = new Units())
    {
        $this->sentence = new Sentence($units);
    }

    /** @return array<string, mixed> */
    public function ruler(Ruler $ruler): array
    {
        return [
            'ticks' => $this->ticks(),
            'lanes' => $this->lanes($ruler->lanes),
            'drops' => array_map($this->drop(...), $ruler->drops),
        ];
    }

    /** @return array<string, mixed> the same of two kits: bars and marks say whose they are */
    public function ofTwo(RulerOfTwo $ruler): array
    {
        $bar = fn(BarOfTwo $of): array => [...$this->bar($of->bar), 'whose' => $of->whose->value];
        $whose = static fn(array $of): array => array_column($of, 'value');

        return [
            'ticks' => $this->ticks(),
            'lanes' => array_map(static fn(string $name, array $bars): array => ['name' => $name, 'bars' => array_map($bar, $bars)], array_keys($ruler->lanes), array_values($ruler->lanes)),
            'drops' => array_map(fn(DropOfTwo $of): array => [...$this->drop($of->drop), 'whose' => (object) array_map($whose, $of->whose)], $ruler->drops),
        ];
    }

    /** @return array<string, mixed>|null where the line of an entry would drop, with its marks; null for a screw */
    public function ofEntry(Report $report, bool $isJudged): ?array
    {
        $written = ['drops' => array_map($this->drop(...), Ruler::of($report)->drops)];

        return ($isJudged ? $written : Unjudged::ruler($written))['drops'][0] ?? null;
    }

    /** @return list<array<string, mixed>> of both families */
    public function ticks(): array
    {
        return [...$this->ticksOf(Family::Gauge), ...$this->ticksOf(Family::Metric)];
    }

    /**
     * @param list<RulerLane> $lanes
     *
     * @return list<array<string, mixed>>
     */
    public function lanes(array $lanes): array
    {
        return array_map($this->lane(...), $lanes);
    }

    /**
     * Where each wire stands and what each terminal takes, by id.
     *
     * @param list<Wire>     $wires
     * @param list<Terminal> $terminals
     *
     * @return array{wires: object, terminals: object}
     */
    public function spans(array $wires, array $terminals): array
    {
        $spans = ['wires' => [], 'terminals' => []];
        foreach ($wires as $wire) {
            $spans['wires'][$wire->id] = $wire->size->area;
        }
        foreach ($terminals as $terminal) {
            $spans['terminals'][$terminal->id] = ['from' => $terminal->size->from, 'to' => $terminal->size->to];
        }

        return ['wires' => (object) $spans['wires'], 'terminals' => (object) $spans['terminals']];
    }

    /** @return list<array<string, mixed>> */
    private function ticksOf(Family $family): array
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
            'from' => $bar->from(),
            'to' => $bar->to(),
            'stretches' => array_map(static fn(Stretch $stretch): array => ['from' => $stretch->from, 'to' => $stretch->to, 'fit' => $stretch->fit->value], $bar->reach->stretches),
            'proven' => self::ends($bar->reach->proven),
            'segments' => array_map(static fn(Segment $segment): array => [
                'label' => $segment->label,
                'code' => $segment->code,
                'from' => $segment->over->from,
                'to' => $segment->over->to,
                'proven' => self::ends($segment->proven),
            ], $bar->reach->segments),
            'misses' => array_map($this->miss(...), $bar->misses),
            ...$bar->isAway ? ['isAway' => true] : [],
        ];
    }

    /** @return array<string, mixed> */
    private function miss(RulerMiss $miss): array
    {
        return [
            'area' => $miss->area,
            'lines' => $miss->lines,
            'of' => $miss->of,
            'code' => $miss->reason->code->value,
            'text' => $this->sentence->of($miss->reason),
        ];
    }

    /** @return array{from: float, to: float}|null */
    private static function ends(?Stretch $stretch): ?array
    {
        return $stretch === null ? null : ['from' => $stretch->from, 'to' => $stretch->to];
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
