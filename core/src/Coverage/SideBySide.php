<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\KitAsItStands;

/** Two kits on one scope: what both make, what one alone makes, what neither does. */
final readonly class SideBySide
{
    /** @param list<LineOfTwo> $lines in the order of the scope */
    private function __construct(public Report $one, public Report $other, public array $lines) {}

    public static function of(KitAsItStands $one, KitAsItStands $other, Scope $scope, HouseRules $rules): self
    {
        $reports = [Coverage::of($one, $scope, $rules), Coverage::of($other, $scope, $rules)];

        return new self($reports[0], $reports[1], array_map(static fn(LineCover $cover, LineCover $beside): LineOfTwo => new LineOfTwo($cover, $beside), $reports[0]->lines, $reports[1]->lines));
    }

    /** @return array<value-of<Whose>, array{lines: int, terminations: int}> by whose they are, all of them told; faulty lines are nobody's */
    public function sums(): array
    {
        $sums = array_fill_keys(array_column(Whose::cases(), 'value'), ['lines' => 0, 'terminations' => 0]);
        foreach ($this->lines as $line) {
            ++$sums[$line->whose->value]['lines'];
            $sums[$line->whose->value]['terminations'] += $line->line->quantity;
        }

        return $sums;
    }
}
