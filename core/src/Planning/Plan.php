<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;

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
        public ?Beyond $beyond,
        public array $roles,
        public array $pairs,
        public ?NextPlan $next,
        public array $overlooked,
        /** As it becomes. */
        public KitAsItStands $kit,
        public Standing $before,
        public Standing $after,
        public Matrix $matrix,
    ) {}

    /** @return list<Tool> all that it speaks of: of the kit as it becomes, and those that are not taken or might be taken instead */
    public function tools(): array
    {
        $ways = [
            ...array_map(static fn(PaidStep $step): Way => $step->way, $this->paid),
            ...array_merge(...array_map(static fn(Overlooked $one): array => [$one->way, $one->insteadOf], $this->overlooked)),
            ...array_filter(array_merge(...$this->next->instead ?? [])),
        ];
        $tools = [
            ...array_map(static fn(TakingPart $part): Tool => $part->tool, $this->kit->tools),
            ...array_map(static fn(Way $way): Tool => $way->tool, $ways),
        ];

        return array_values(array_column($tools, null, 'id'));
    }

    /** What it asks for things that the kit has and that only count again, in cents. */
    public function costOfMending(): int
    {
        return array_sum(array_map(static fn(Addition $one): int => $one->way->means->isMending() ? $one->way->cost : 0, $this->add));
    }

    public function isWhole(): bool
    {
        return $this->open === [];
    }
}
