<?php

declare(strict_types=1);

namespace App\Planning;

use Gondrik\Core\Planning\Means;
use Gondrik\Core\Planning\Terms;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Value\Day;

/** What somebody asks a plan about, by the ids of the shop. Money in cents, mass in g. */
final readonly class AskedPlan
{
    /**
     * @param list<string>    $scopes
     * @param list<string>    $with    tools that are taken in any case
     * @param list<string>    $without tools that are not taken
     * @param list<Means>     $means   that may be used
     * @param int             $months  for which is borrowed
     * @param list<Operation> $backups operations that want two
     */
    public function __construct(
        public ?string $kit,
        public array $scopes,
        public array $with = [],
        public array $without = [],
        public array $means = [Means::Buy],
        public int $months = 1,
        public ?int $budget = null,
        public ?int $mass = null,
        public bool $takesMakeshift = false,
        public Terms $terms = new Terms(),
        public array $backups = [],
        public Exchange $exchange = new Exchange([]),
        /** Also what closes only a step of a line that stays open. */
        public bool $takesSingleSteps = false,
        /** What counts in a tracked kit on this day; null on paper. */
        public ?Day $on = null,
    ) {}
}
