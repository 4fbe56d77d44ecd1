<?php

declare(strict_types=1);

namespace App\Supplies;

use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Supplies\Supplies;
use Gondrik\Core\Workbook\Workbook;

/** A shelf with the work that was held against it. */
final readonly class StockedShelf
{
    /**
     * @param list<Scope>        $scopes that were asked about
     * @param array<string, int> $times  how many times each is made, where that is not once
     */
    public function __construct(public Workbook $workbook, public array $scopes, public array $times, public Supplies $supplies) {}

    /** In words: "12 × Cabin 12, Boards". */
    public function work(): string
    {
        return implode(', ', array_map(fn(Scope $scope): string => (($this->times[$scope->id] ?? 1) === 1 ? '' : $this->times[$scope->id] . ' × ') . $scope->name, $this->scopes));
    }
}
