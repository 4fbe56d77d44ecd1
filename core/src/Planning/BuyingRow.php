<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Wanted;

/** One thing to come by: what it must do, and a model that does it. */
final readonly class BuyingRow
{
    /** @param list<Wanted> $wanted one for each kind of step that it closes; none where something else needs it */
    public function __construct(public Addition $addition, public array $wanted) {}

    /**
     * What is wanted of each addition: the least tool for the steps that it closes, so that another model that does as much is
     * as good.
     *
     * @return list<self>
     */
    public static function of(Plan $plan, PlanQuestion $question): array
    {
        return array_map(static fn(Addition $addition): self => new self($addition, self::wanted($addition, $plan->matrix, $question)), $plan->add);
    }

    /** @return list<Wanted> */
    private static function wanted(Addition $addition, Matrix $matrix, PlanQuestion $question): array
    {
        $at = $matrix->at($addition->way->tool->id);
        $works = [];
        foreach ($addition->closes as $step) {
            $task = $matrix->tasks[$step->line->steps[$step->step]->task];
            // A frame is wanted by its dies; what they do is theirs.
            if (isset($task->doers[$at])) {
                $of = (new Operations($question->scopes[$step->line->scope]->rules))->of($task->operation);
                $works[$task->operation->value . '|' . implode('|', $of->group($task->work))][] = [$of, $task->work];
            }
        }

        return array_values(array_map(static fn(array $group): Wanted => $group[0][0]->wanted(array_column($group, 1)), $works));
    }
}
