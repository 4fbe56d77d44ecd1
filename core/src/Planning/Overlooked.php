<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** A tool that costs less than one of the plan, does some of the same, and why it is not taken instead: what would stay open. */
final readonly class Overlooked
{
    /**
     * @param list<StepRef> $does   of the steps that the addition closes
     * @param list<StepRef> $leaves
     */
    public function __construct(public Way $way, public Way $insteadOf, public array $does, public array $leaves) {}

    /**
     * For each addition those that are cheaper, the one that does most of the same first.
     *
     * @param list<Addition> $additions
     * @param list<Way>      $ways
     *
     * @return list<self>
     */
    public static function of(array $additions, array $ways, Matrix $matrix): array
    {
        $taken = array_map(static fn(Addition $addition): Way => $addition->way, $additions);
        $overlooked = [];
        foreach ($additions as $addition) {
            if ($addition->way->isSecond) {
                continue;
            }
            $found = [];
            foreach ($ways as $way) {
                $at = $matrix->at($way->tool->id);
                $isOther = $at !== null && !$way->isSecond && $way->means !== Means::PerPiece && $way->cost < $addition->way->cost && !in_array($way, $taken, true);
                // What works only with the addition is no stand-in for it.
                if (!$isOther || in_array($matrix->at($addition->way->tool->id), $matrix->closure($at) ?? [], true)) {
                    continue;
                }
                $does = array_values(array_filter($addition->closes, static fn(StepRef $step): bool => isset($matrix->tasks[$step->line->steps[$step->step]->task]->doers[$at])));
                if ($does !== []) {
                    $found[] = new self($way, $addition->way, $does, array_values(array_udiff($addition->closes, $does, static fn(StepRef $one, StepRef $other): int => spl_object_id($one) <=> spl_object_id($other))));
                }
            }
            usort($found, static fn(self $one, self $other): int => count($other->does) <=> count($one->does));
            $overlooked = [...$overlooked, ...array_slice($found, 0, 2)];
        }

        return $overlooked;
    }
}
