<?php

declare(strict_types=1);

namespace App\Planning;

use Gondrik\Core\OnDay\Mending;
use Gondrik\Core\Planning\Lending;
use Gondrik\Core\Planning\Means;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\ShopWork;
use Gondrik\Core\Planning\Substitutes;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;

/** A question of planning, out of a whole shop and what somebody asks. */
final readonly class ShopPlan
{
    /** @param RuleChoice|null $rules above the scopes': asked as if they were so */
    public function __construct(private Workbook $shop, private ?RuleChoice $rules = null) {}

    /** @throws InvalidWorkbook with every place that is wrong, or that contradicts another */
    public function question(AskedPlan $asked): PlanQuestion
    {
        $kit = $asked->kit === null ? new Kit('none', 'Empty kit', []) : $this->shop->kit($asked->kit);
        $planned = array_values(array_filter(array_map($this->shop->scope(...), $asked->scopes)));
        $problems = [...$this->unknown($asked, $kit, $planned), ...$this->unknownExchanges($asked, $planned)];
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
        if ($kit === null || $planned === []) {
            throw new \LogicException('a question of planning has a kit and a scope');
        }
        $rules = $this->rulesForThings($planned);
        $of = $this->shop->onDay()->kit($kit, $asked->on, $rules)->kit->eachModelOnce();
        $scopesInForce = array_map(fn(Scope $scope): PlannedScope => new PlannedScope($this->exchanged($scope, $asked->exchange), $this->shop->rulesFor($scope, $this->rules)), $planned);
        $lendings = in_array(Means::Move, $asked->means, true) ? $this->lendings($of, $asked->on) : [];
        $ways = $this->ways($of, $asked, $lendings, $this->mendings($of, $asked, $rules));
        $forced = array_map(static fn(string $id): Way => self::cheapest($id, $of, $asked, $ways, $lendings), $asked->with);
        try {
            return new PlanQuestion($of, $scopesInForce, $ways, $forced, $asked->budget, $asked->mass, $asked->takesMakeshift, $lendings, $asked->backups, !$asked->takesSingleSteps);
        } catch (Invalid $broken) {
            throw new InvalidWorkbook([new Problem($broken->field, $broken->value, $broken->expected)]);
        }
    }

    /**
     * Tools that would be taken if they had a price: the shop's own, then those of the shelf that it has not.
     *
     * @param list<Tool> $shelf
     *
     * @return list<Tool>
     */
    public function withoutPrice(AskedPlan $asked, array $shelf): array
    {
        $own = array_column($this->shop->tools, 'id');
        $all = [
            ...array_filter($this->shop->tools, static fn(Tool $tool): bool => $tool->cost->price === null),
            ...array_filter($shelf, static fn(Tool $tool): bool => !in_array($tool->id, $own, true)),
        ];

        return array_values(array_filter($all, static fn(Tool $tool): bool => !in_array($tool->id, $asked->without, true) && $asked->terms->admits($tool)));
    }

    /**
     * @param list<Scope> $planned
     *
     * @return list<Problem>
     */
    private function unknown(AskedPlan $asked, ?Kit $kit, array $planned): array
    {
        $tools = array_column($this->shop->tools, null, 'id');
        $problems = [
            ...$kit === null ? [new Problem('kit', $asked->kit, 'must be a kit of the shop')] : [],
            ...count($planned) < count($asked->scopes) ? [new Problem('scopes', implode(',', $asked->scopes), 'must be scopes of the shop')] : [],
        ];
        foreach (['with' => $asked->with, 'without' => $asked->without] as $key => $ids) {
            foreach ($ids as $id) {
                if (!isset($tools[$id])) {
                    $problems[] = new Problem($key, $id, 'must be a tool of the shop');
                }
            }
        }

        return $problems;
    }

    /**
     * @param list<Scope> $planned
     *
     * @return list<Problem>
     */
    private function unknownExchanges(AskedPlan $asked, array $planned): array
    {
        $lines = [];
        foreach ($planned as $scope) {
            foreach ($scope->lines as $line) {
                $lines[$scope->id . '/' . $line->id] = $line;
            }
        }
        $problems = [];
        foreach ($asked->exchange as $line => $terminal) {
            $of = array_column($this->shop->terminals, null, 'id')[$terminal] ?? null;
            if (($lines[$line] ?? null)?->terminal === null || $of === null) {
                $problems[] = new Problem('swap', $line . ':' . $terminal, 'must be a line of the planned scopes that has a terminal, and a terminal of the shop');
                continue;
            }
            try {
                Substitutes::exchanged($lines[$line], $of);
            } catch (Invalid $broken) {
                $problems[] = new Problem('swap', $line . ':' . $terminal, 'must suit the line: ' . $broken->expected);
            }
        }

        return $problems;
    }

    /** @param array<string, string> $exchange */
    private function exchanged(Scope $scope, array $exchange): Scope
    {
        $terminals = array_column($this->shop->terminals, null, 'id');

        return $scope->withLines(array_map(static function (Line $line) use ($scope, $exchange, $terminals): Line {
            $terminal = $exchange[$scope->id . '/' . $line->id] ?? null;

            return $terminal === null ? $line : Substitutes::exchanged($line, $terminals[$terminal]);
        }, $scope->lines));
    }

    /**
     * @param list<Lending>                          $lendings
     * @param array<string, non-empty-list<Mending>> $mendings by tool, the cheapest first
     *
     * @return list<Way> in the order of the shop's tools; one more of them at the end, where something wants a backup
     */
    private function ways(KitAsItStands $kit, AskedPlan $asked, array $lendings, array $mendings): array
    {
        $lent = [];
        foreach ($lendings as $lending) {
            foreach ($lending->ways() as $way) {
                $lent[$way->tool->id][] = $way;
            }
        }
        $ways = [];
        $seconds = [];
        foreach ($this->shop->tools as $tool) {
            if (in_array($tool->id, $asked->without, true) || !$asked->terms->admits($tool)) {
                continue;
            }
            $again = $mendings[$tool->id] ?? [];
            if (!$kit->hasGood($tool->id)) {
                $first = array_shift($again);
                $ways = [...$ways, ...$lent[$tool->id] ?? [], ...array_filter([
                    $first === null ? null : Way::mending($first),
                    in_array(Means::Buy, $asked->means, true) ? Way::buying($tool) : null,
                    in_array(Means::Borrow, $asked->means, true) ? Way::borrowing($tool, $asked->months) : null,
                    in_array(Means::PerPiece, $asked->means, true) ? Way::perPiece($tool) : null,
                ])];
            }
            $backs = array_intersect($tool->operations(), array_column($asked->backups, 'value')) !== [];
            $seconds = [
                ...$seconds,
                ...$backs ? array_map(static fn(Mending $one): Way => Way::mending($one, true), $again) : [],
                $backs && in_array(Means::Buy, $asked->means, true) ? Way::second($tool) : null,
            ];
        }

        return [...$ways, ...array_filter($seconds)];
    }

    /** @return list<Lending> */
    private function lendings(KitAsItStands $kit, ?Day $on): array
    {
        $scopes = array_values(array_filter($this->shop->scopes, static fn(Scope $scope): bool => !$scope->archived));
        $work = new ShopWork(array_map(fn(Scope $scope): PlannedScope => new PlannedScope($scope, $this->shop->rulesFor($scope)), $scopes));
        $rules = $this->rulesForThings($scopes);
        $others = array_filter($this->shop->kits, static fn(Kit $other): bool => $other->id !== $kit->of->id);

        return array_map(fn(Kit $other): Lending => new Lending($this->shop->onDay()->own($other, $on, $rules), $work), array_values($others));
    }

    /**
     * Things of the kit, and of those it shares, that would count again.
     *
     * @return array<string, non-empty-list<Mending>> by tool, the cheapest first
     */
    private function mendings(KitAsItStands $kit, AskedPlan $asked, HouseRules $rules): array
    {
        if ($asked->on === null) {
            return [];
        }
        $shop = $this->shop->onDay();
        $of = array_merge(...array_map(static fn(Kit $one): array => $shop->mendings($one, $asked->on, $rules), [$kit->of, ...$shop->shared($kit->of)]));
        usort($of, static fn(Mending $one, Mending $other): int => $one->price() <=> $other->price());
        $byTool = [];
        foreach ($of as $mending) {
            if (in_array($mending->dues === [] ? Means::CallBack : Means::Renew, $asked->means, true)) {
                $byTool[$mending->asset->tool->id][] = $mending;
            }
        }

        return $byTool;
    }

    /**
     * By which things count: one that does not count for one of the scopes is planned as not there.
     *
     * @param list<Scope> $scopes
     */
    private function rulesForThings(array $scopes): HouseRules
    {
        $counting = array_merge(...array_map(fn(Scope $scope): array => $this->shop->rulesFor($scope, $this->rules)->duesThatCount, $scopes));

        return $this->shop->rules()->withDuesThatCount(array_values(array_unique($counting, SORT_REGULAR)));
    }

    /**
     * @param list<Way>     $ways
     * @param list<Lending> $lendings
     *
     * @throws InvalidWorkbook
     */
    private static function cheapest(string $id, KitAsItStands $kit, AskedPlan $asked, array $ways, array $lendings): Way
    {
        $of = array_filter($ways, static fn(Way $way): bool => $way->tool->id === $id && !$way->isSecond && $way->means !== Means::PerPiece);
        // What is taken out of another kit costs nothing, but that kit may need it with others: it comes last.
        usort($of, static fn(Way $one, Way $other): int => [$one->means === Means::Move, $one->cost] <=> [$other->means === Means::Move, $other->cost]);
        foreach ($of as $way) {
            $lending = array_filter($lendings, static fn(Lending $one): bool => $one->kit->of->id === $way->from);
            if (current($lending) === false || current($lending)->canDoWithout([$way])) {
                return $way;
            }
        }
        $expected = match (true) {
            in_array($id, $asked->without, true) => 'must not be among those that are left out as well: take one of the two away',
            $kit->tool($id) !== null => 'must be a tool that the kit has not yet',
            array_filter($asked->means, static fn(Means $of): bool => $of !== Means::Buy && !$of->isMending()) === [] => 'must have a price, or it cannot be bought',
            default => 'must be a tool that can be had in one of the ways asked for',
        };

        throw new InvalidWorkbook([new Problem('with', $id, $expected)]);
    }
}
