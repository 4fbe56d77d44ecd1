<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

use Gondrik\Core\Coverage\LineOfTwo;
use Gondrik\Core\Coverage\SideBySide;
use Gondrik\Core\Coverage\Whose;
use Gondrik\Core\Tool\Tool;

/** Two kits on one ruler: a bar that looks alike in both stands once, each mark says whose it is. */
final readonly class RulerOfTwo
{
    /**
     * @param array<string, list<BarOfTwo>> $lanes by name, in the order of work
     * @param list<DropOfTwo>               $drops from thin to thick
     */
    private function __construct(public array $lanes, public array $drops) {}

    /**
     * @param list<Tool> $gone   models that belong into the one and do not count in it
     * @param list<Tool> $absent and those of the other
     */
    public static function of(SideBySide $both, array $gone = [], array $absent = []): self
    {
        $one = Ruler::of($both->one, $gone);
        $other = Ruler::of($both->other, $absent);
        $laneOf = Ruler::lanesUnder($both->one->rules);
        $lines = array_combine(array_map(static fn(LineOfTwo $line): string => $line->line->id, $both->lines), $both->lines);
        // Both have the same lanes and drops: these are of the work.
        $lanes = array_map(self::bars(...), $one->lanes, $other->lanes);

        return new self(
            array_combine(array_map(static fn(RulerLane $lane): string => $lane->name, $one->lanes), $lanes),
            array_map(static fn(RulerDrop $drop): DropOfTwo => DropOfTwo::at($drop, array_map(static fn(string $id): LineOfTwo => $lines[$id], $drop->lines), $laneOf), $one->drops),
        );
    }

    /** @return list<BarOfTwo> in the order of the one, then what only the other has */
    private static function bars(RulerLane $one, RulerLane $other): array
    {
        $seen = array_map(self::look(...), $other->bars);
        $mine = array_map(self::look(...), $one->bars);
        $bars = array_map(static fn(RulerBar $bar, string $look): BarOfTwo => new BarOfTwo($bar, in_array($look, $seen, true) ? Whose::Both : Whose::One), $one->bars, $mine);
        foreach ($other->bars as $at => $bar) {
            if (!in_array($seen[$at], $mine, true)) {
                $bars[] = new BarOfTwo($bar, Whose::Other);
            }
        }

        return $bars;
    }

    /** What tells a bar from others in the same lane: one model reaches the same in every kit, but may lack there what it requires. */
    private static function look(RulerBar $bar): string
    {
        $missed = array_map(static fn(RulerMiss $miss): array => [$miss->area, $miss->lines, $miss->reason->code->value], $bar->misses);

        return json_encode([$bar->tool->id, $bar->from(), $bar->to(), $bar->isAway, $missed], JSON_THROW_ON_ERROR);
    }
}
