<?php

declare(strict_types=1);

namespace App\Planning;

use Gondrik\Core\Planning\Lending;
use Gondrik\Core\Planning\Means;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;

/** A question of planning, out of a whole shop and what somebody asks. */
final readonly class ShopPlan
{
    public function __construct(private Workbook $shop) {}

    /**
     * @param list<string> $scopes  ids
     * @param list<string> $with    ids of tools that are taken in any case
     * @param list<string> $without ids of tools that are not taken
     * @param list<Means>  $means   that may be used
     * @param int          $months  for which is borrowed
     *
     * @throws InvalidWorkbook with every place that is wrong, or that contradicts another
     */
    public function question(?string $kit, array $scopes, array $with, array $without, array $means, int $months, ?int $budget, ?int $mass, bool $takesMakeshift): PlanQuestion
    {
        $of = $kit === null ? new Kit('none', 'Empty kit', []) : $this->shop->kit($kit);
        $planned = array_values(array_filter(array_map($this->shop->scope(...), $scopes)));
        $tools = array_column($this->shop->tools, null, 'id');
        $problems = [
            ...$of === null ? [new Problem('kit', $kit, 'must be a kit of the shop')] : [],
            ...count($planned) < count($scopes) ? [new Problem('scopes', implode(',', $scopes), 'must be scopes of the shop')] : [],
        ];
        foreach (['with' => $with, 'without' => $without] as $key => $ids) {
            foreach ($ids as $id) {
                if (!isset($tools[$id])) {
                    $problems[] = new Problem($key, $id, 'must be a tool of the shop');
                }
            }
        }
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
        if ($of === null || $planned === []) {
            throw new \LogicException('a question of planning has a kit and a scope');
        }
        $scopesInForce = array_map(fn(Scope $scope): PlannedScope => new PlannedScope($scope, $this->shop->rulesFor($scope)), $planned);
        $lendings = in_array(Means::Move, $means, true) ? $this->lendings($of) : [];
        $ways = $this->ways($of, $without, $means, $months, $lendings);
        $forced = array_map(static fn(string $id): Way => self::cheapest($id, $ways), $with);
        try {
            return new PlanQuestion($of, $scopesInForce, $ways, $forced, $budget, $mass, $takesMakeshift, $lendings);
        } catch (Invalid $broken) {
            throw new InvalidWorkbook([new Problem($broken->field, $broken->value, $broken->expected)]);
        }
    }

    /**
     * @param list<string>  $without
     * @param list<Means>   $means
     * @param list<Lending> $lendings
     *
     * @return list<Way> in the order of the shop's tools
     */
    private function ways(Kit $kit, array $without, array $means, int $months, array $lendings): array
    {
        $lent = [];
        foreach ($lendings as $lending) {
            foreach ($lending->ways() as $way) {
                $lent[$way->tool->id][] = $way;
            }
        }
        $ways = [];
        foreach ($this->shop->tools as $tool) {
            if ($kit->tool($tool->id) !== null || in_array($tool->id, $without, true)) {
                continue;
            }
            $ways = [...$ways, ...$lent[$tool->id] ?? [], ...array_filter([
                in_array(Means::Buy, $means, true) ? Way::buying($tool) : null,
                in_array(Means::Borrow, $means, true) ? Way::borrowing($tool, $months) : null,
                in_array(Means::PerPiece, $means, true) ? Way::perPiece($tool) : null,
            ])];
        }

        return $ways;
    }

    /** @return list<Lending> */
    private function lendings(Kit $kit): array
    {
        $all = array_map(fn(Scope $scope): PlannedScope => new PlannedScope($scope, $this->shop->rulesFor($scope)), $this->shop->scopes);
        $others = array_filter($this->shop->kits, static fn(Kit $other): bool => $other->id !== $kit->id);

        return array_map(static fn(Kit $other): Lending => new Lending($other, $all), array_values($others));
    }

    /**
     * @param list<Way> $ways
     *
     * @throws InvalidWorkbook
     */
    private static function cheapest(string $id, array $ways): Way
    {
        $of = array_values(array_filter($ways, static fn(Way $way): bool => $way->tool->id === $id && $way->means !== Means::PerPiece));
        // What is taken out of another kit costs nothing, but that kit may need it with others: it comes last.
        usort($of, static fn(Way $one, Way $other): int => [$one->means === Means::Move, $one->cost] <=> [$other->means === Means::Move, $other->cost]);

        return $of[0] ?? throw new InvalidWorkbook([new Problem('with', $id, 'must be a tool that the kit has not yet, and that can be had in one of the ways asked for')]);
    }
}
