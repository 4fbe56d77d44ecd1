<?php

declare(strict_types=1);

namespace App\Planning;

use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\Way;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;

/** A question of planning, out of a whole shop and what somebody asks. */
final readonly class ShopPlan
{
    /**
     * @param RuleChoice|null $rules  above the scopes': asked as if they were so
     * @param Worker|null     $worker who is to work with the kit
     */
    public function __construct(private Workbook $shop, private ?RuleChoice $rules = null, private ?Worker $worker = null) {}

    /** @throws InvalidWorkbook with every place that is wrong, or that contradicts another */
    public function question(AskedPlan $asked): PlanQuestion
    {
        $kit = $asked->kit === null ? new Kit('none', 'Empty kit', []) : $this->shop->kit($asked->kit);
        $planned = array_values(array_filter(array_map($this->shop->scope(...), $asked->scopes)));
        $problems = [...$this->unknown($asked, $kit, $planned), ...$asked->exchange->problems($this->shop, $planned)];
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
        if ($kit === null || $planned === []) {
            throw new \LogicException('a question of planning has a kit and a scope');
        }
        $waysToHave = new WaysToHave($this->shop, $asked, $this->rules, $this->worker);
        $of = $waysToHave->kit($kit, $planned);
        $scopesInForce = array_map(fn(Scope $scope): PlannedScope => new PlannedScope($asked->exchange->in($this->shop, $scope), $this->shop->rulesFor($scope, $this->rules)), $planned);
        $lendings = $waysToHave->lendings($of);
        $ways = $waysToHave->of($of, $planned, $lendings);
        $forced = array_map(static fn(string $id): Way => $waysToHave->cheapest($id, $of, $ways, $lendings), $asked->with);
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
}
