<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\Kit;

/** What to do about a kit, proven to be the best there is or as good as was found in time. Money in cents, mass in g. */
final readonly class Plan
{
    /**
     * @param list<Addition>      $add
     * @param list<PaidStep>      $paid
     * @param list<OpenStep>      $open
     * @param list<ToolRole>      $roles
     * @param list<EssentialPair> $pairs
     * @param list<Overlooked>    $overlooked
     */
    public function __construct(
        public bool $isOptimal,
        public int $cost,
        /** Nothing does as much for less; with a limit nothing does more terminations. */
        public int $bound,
        public int $mass,
        public array $add,
        public array $paid,
        public int $terminations,
        public int $coveredBefore,
        public int $coveredAfter,
        public int $makeshiftAfter,
        public array $open,
        public array $roles,
        public array $pairs,
        public ?NextPlan $next,
        public array $overlooked,
        /** As it becomes. */
        public Kit $kit,
        public Standing $before,
        public Standing $after,
        public Matrix $matrix,
    ) {}

    public function isWhole(): bool
    {
        return $this->open === [];
    }
}
