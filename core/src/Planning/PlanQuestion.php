<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Changed;
use Gondrik\Core\Value\Invalid;

/** What is to be planned: which work, from which kit, out of what, within which limits. */
final readonly class PlanQuestion
{
    use Changed;

    /** What is bought in any case, in cents. */
    public int $forcedCost;

    /** Of the kit and of what is bought in any case, in g. */
    public int $forcedMass;

    /**
     * @param non-empty-list<PlannedScope> $scopes
     * @param list<Way>                    $ways     to come to other tools, in the order in which they are preferred
     * @param list<Way>                    $forced   those of them that are taken in any case
     * @param int|null                     $budget   in cents
     * @param int|null                     $mass     of the whole kit, in g
     * @param list<Lending>                $lendings the kits out of which tools may be moved
     * @param list<Operation>              $backups  operations of which a step counts only when two tools do it, or two of the same
     *
     * @throws Invalid when a limit is broken before anything is planned
     */
    public function __construct(
        public KitAsItStands $kit,
        public array $scopes,
        public array $ways,
        public array $forced = [],
        public ?int $budget = null,
        public ?int $mass = null,
        /** Makeshift counts, whatever the house says. */
        public bool $takesMakeshift = false,
        public array $lendings = [],
        public array $backups = [],
        /** Money is for terminations: a step that closes on a line which stays open is not worth any. */
        public bool $onlyTerminations = false,
    ) {
        $own = self::massOf($kit->of);
        $cost = array_sum(array_map(static fn(Way $way): int => $way->cost, $forced));
        $more = array_sum(array_map(static fn(Way $way): int => $way->mass(), $forced));
        if ($mass !== null && $own > $mass) {
            throw Invalid::at('mass', $mass, 'at least ' . $own . ' g, for so much the kit has already');
        }
        if ($budget !== null && $cost > $budget) {
            throw Invalid::at('budget', $budget, 'at least ' . $cost . ', for so much is bought in any case');
        }
        if ($mass !== null && $own + $more > $mass) {
            throw Invalid::at('mass', $mass, 'at least ' . ($own + $more) . ' g, with what is bought in any case');
        }
        if (!$this->isAllowed([])) {
            throw Invalid::at('with', implode(', ', array_map(static fn(Way $way): string => $way->tool->id, $forced)), 'tools that the kits they come out of can do without, all together');
        }
        $this->forcedCost = $cost;
        $this->forcedMass = $own + $more;
    }

    /** The same question about one scope alone, from the kit as it is and without limits. */
    public function about(PlannedScope $scope): self
    {
        return $this->but(scopes: [$scope], forced: [], budget: null, mass: null);
    }

    /**
     * The same question without what nobody would take: tools that do nothing new, and moves that the other kit cannot do without,
     * each by itself. What is taken in any case stays, and what is paid by the piece.
     *
     * @param array<int, true> $ofUse tools by their number in the matrix
     */
    public function withWaysOfUse(Matrix $matrix, array $ofUse): self
    {
        $lendings = [];
        foreach ($this->lendings as $lending) {
            $lendings[$lending->kit->of->id] = $lending;
        }
        $ways = array_values(array_filter($this->ways, fn(Way $way): bool => $way->means === Means::PerPiece
            || in_array($way, $this->forced, true)
            || (isset($ofUse[(int) $matrix->at($way->tool->id)]) && ($way->means !== Means::Move || $lendings[$way->from]->canDoWithout([$way])))));

        return $this->but(ways: $ways);
    }

    /** @return list<Way> that are to be decided on and bring a tool */
    public function open(): array
    {
        return array_values(array_filter($this->ways, fn(Way $way): bool => $way->means !== Means::PerPiece && !in_array($way, $this->forced, true)));
    }

    /** @return list<Way> by the piece */
    public function perPiece(): array
    {
        return array_values(array_filter($this->ways, static fn(Way $way): bool => $way->means === Means::PerPiece));
    }

    /**
     * With what is taken in any case, in the order of the ways.
     *
     * @param list<Way> $ways
     *
     * @return list<Way>
     */
    public function inOrder(array $ways): array
    {
        return array_values(array_filter($this->ways, fn(Way $way): bool => in_array($way, $ways, true) || in_array($way, $this->forced, true)));
    }

    /**
     * The kit with what is taken.
     *
     * @param list<Way> $ways
     */
    public function kitWith(array $ways): KitAsItStands
    {
        return array_reduce($ways, static fn(KitAsItStands $kit, Way $way): KitAsItStands => $way->mending === null ? $kit->oneMore($way->tool) : $kit->oneAgain($way->tool), $this->kit);
    }

    /** @return list<Tool> of the kit and all that may come to it, each once */
    public function tools(): array
    {
        $own = array_map(static fn(TakingPart $part): Tool => $part->tool, $this->kit->tools);
        $more = array_map(static fn(Way $way): Tool => $way->tool, array_filter($this->ways, static fn(Way $way): bool => $way->means !== Means::PerPiece));

        return array_values(array_column([...$own, ...$more], null, 'id'));
    }

    /**
     * Whether ways may be taken together: whether the kits that they come out of can do without.
     *
     * @param list<Way> $ways
     */
    public function isAllowed(array $ways): bool
    {
        $moved = [];
        foreach ([...$this->forced, ...$ways] as $way) {
            if ($way->means === Means::Move) {
                $moved[$way->from][] = $way;
            }
        }
        foreach ($moved === [] ? [] : $this->lendings as $lending) {
            if (isset($moved[$lending->kit->of->id]) && !$lending->canDoWithout($moved[$lending->kit->of->id])) {
                return false;
            }
        }

        return true;
    }

    /** The same question where money is for terminations only. */
    public function forTerminations(): self
    {
        return $this->but(onlyTerminations: true);
    }

    /** Whether as many terminations as possible are wanted, and not every step that can be closed. */
    public function wantsTerminations(): bool
    {
        return $this->onlyTerminations || $this->isLimited();
    }

    public function isLimited(): bool
    {
        return $this->budget !== null || $this->mass !== null;
    }

    /** In g; a tool that states none weighs nothing. */
    public static function massOf(Kit $kit): int
    {
        $mass = 0;
        foreach ($kit->tools as $entry) {
            $mass += $entry->count * ($entry->tool->handling->massGrams ?? 0);
        }

        return $mass;
    }
}
