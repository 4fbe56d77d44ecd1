<?php

declare(strict_types=1);

namespace App\Planning;

use Gondrik\Core\OnDay\Mending;
use Gondrik\Core\Planning\Lending;
use Gondrik\Core\Planning\Means;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\ShopWork;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;

/** How a kit may come to have the tools of a shop: what it has already and counts again, what others can do without, what is to be had for money. */
final readonly class WaysToHave
{
    /**
     * @param RuleChoice|null $rules  above the scopes': asked as if they were so
     * @param Worker|null     $worker who is to work with the kit
     */
    public function __construct(private Workbook $shop, private AskedPlan $asked, private ?RuleChoice $rules = null, private ?Worker $worker = null) {}

    /**
     * The kit as it stands on the day that is asked about, or as it is packed.
     *
     * @param list<Scope> $planned
     */
    public function kit(Kit $kit, array $planned): KitAsItStands
    {
        return $this->shop->onDay()->kit($kit, $this->asked->on, $this->rulesForThings($planned))->kit->with($this->worker)->eachModelOnce();
    }

    /**
     * @param list<Scope>   $planned
     * @param list<Lending> $lendings
     *
     * @return list<Way> in the order of the shop's tools; one more of them at the end, where something wants a backup
     */
    public function of(KitAsItStands $kit, array $planned, array $lendings): array
    {
        $lent = [];
        foreach ($lendings as $lending) {
            foreach ($lending->ways() as $way) {
                $lent[$way->tool->id][] = $way;
            }
        }
        $mendings = $this->mendings($kit, $this->rulesForThings($planned));
        $ways = [];
        $seconds = [];
        foreach ($this->shop->tools as $tool) {
            if (in_array($tool->id, $this->asked->without, true) || !$this->asked->terms->admits($tool)) {
                continue;
            }
            $again = $mendings[$tool->id] ?? [];
            if (!$kit->hasGood($tool->id)) {
                $first = array_shift($again);
                $ways = [...$ways, ...$lent[$tool->id] ?? [], ...array_filter([
                    $first === null ? null : Way::mending($first),
                    in_array(Means::Buy, $this->asked->means, true) ? Way::buying($tool) : null,
                    in_array(Means::Borrow, $this->asked->means, true) ? Way::borrowing($tool, $this->asked->months) : null,
                    in_array(Means::PerPiece, $this->asked->means, true) ? Way::perPiece($tool) : null,
                ])];
            }
            $backs = array_intersect($tool->operations(), array_column($this->asked->backups, 'value')) !== [];
            $seconds = [
                ...$seconds,
                ...$backs ? array_map(static fn(Mending $one): Way => Way::mending($one, true), $again) : [],
                $backs && in_array(Means::Buy, $this->asked->means, true) ? Way::second($tool) : null,
            ];
        }

        return [...$ways, ...array_filter($seconds)];
    }

    /** @return list<Lending> the kits out of which tools may be moved; none where that is not asked for */
    public function lendings(KitAsItStands $kit): array
    {
        if (!in_array(Means::Move, $this->asked->means, true)) {
            return [];
        }
        $scopes = array_values(array_filter($this->shop->scopes, static fn(Scope $scope): bool => !$scope->archived));
        $work = new ShopWork(array_map(fn(Scope $scope): PlannedScope => new PlannedScope($scope, $this->shop->rulesFor($scope)), $scopes));
        $rules = $this->rulesForThings($scopes);
        $others = array_filter($this->shop->kits, static fn(Kit $other): bool => $other->id !== $kit->of->id);

        return array_map(fn(Kit $other): Lending => new Lending($this->shop->onDay()->own($other, $this->asked->on, $rules), $work), array_values($others));
    }

    /**
     * Things of the kit, and of those it shares, that would count again.
     *
     * @return array<string, non-empty-list<Mending>> by tool, the cheapest first
     */
    private function mendings(KitAsItStands $kit, HouseRules $rules): array
    {
        $on = $this->asked->on;
        if ($on === null) {
            return [];
        }
        $shop = $this->shop->onDay();
        $of = array_merge(...array_map(static fn(Kit $one): array => $shop->mendings($one, $on, $rules), [$kit->of, ...$shop->shared($kit->of)]));
        usort($of, static fn(Mending $one, Mending $other): int => $one->price() <=> $other->price());
        $byTool = [];
        foreach ($of as $mending) {
            if (in_array($mending->dues === [] ? Means::CallBack : Means::Renew, $this->asked->means, true)) {
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
     * The way in which a tool comes that is taken in any case.
     *
     * @param list<Way>     $ways
     * @param list<Lending> $lendings
     *
     * @throws InvalidWorkbook where there is none
     */
    public function cheapest(string $id, KitAsItStands $kit, array $ways, array $lendings): Way
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
            in_array($id, $this->asked->without, true) => 'must not be among those that are left out as well: take one of the two away',
            $kit->tool($id) !== null => 'must be a tool that the kit has not yet',
            array_filter($this->asked->means, static fn(Means $of): bool => $of !== Means::Buy && !$of->isMending()) === [] => 'must have a price, or it cannot be bought',
            default => 'must be a tool that can be had in one of the ways asked for',
        };

        throw new InvalidWorkbook([new Problem('with', $id, $expected)]);
    }
}
