<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Covering\Instance;
use Gondrik\Core\Covering\Optimum;
use Gondrik\Core\Covering\Worth;

/** The next best plan, and where it differs. One that has all additions of the best and more could do without what is more, so one of them is missing. */
final readonly class NextBest
{
    public function __construct(private PlanQuestion $question, private Matrix $matrix, private Model $model, private Optimum $optimum) {}

    /** Null where there is none, or time was up before it was proven. */
    public function after(Worth $worth, Instance $instance): ?NextPlan
    {
        $best = null;
        foreach ($worth->counted as $item) {
            $without = $instance->without($item);
            foreach ($without->must as $row) {
                if ($without->rows[$row] === []) {
                    continue 2;
                }
            }
            $other = $this->optimum->of($without);
            if ($other !== null && !$other->isProven) {
                return null;
            }
            if ($other !== null && ($best === null || $other->worth->compare($best) < 0)) {
                $best = $other->worth;
            }
        }
        if ($best === null) {
            return null;
        }
        [$had, $has] = [$this->model->ways($worth), $this->model->ways($best)];
        $out = array_values(array_filter($had, static fn(Way $way): bool => !in_array($way, $has, true)));
        $in = array_values(array_filter($has, static fn(Way $way): bool => !in_array($way, $had, true)));

        // Without a limit all that can count does, here too.
        $covered = $this->question->wantsTerminations() ? $this->model->alreadyWon() + $best->won : null;

        return new NextPlan($this->question->forcedCost + $best->money, $covered, $this->paired($out, $in));
    }

    /**
     * What is out, each with what is in for the same work where there is any.
     *
     * @param list<Way> $out
     * @param list<Way> $in
     *
     * @return list<array{?Way, ?Way}>
     */
    private function paired(array $out, array $in): array
    {
        $pairs = [];
        foreach ($out as $way) {
            $same = array_key_first(array_filter($in, fn(Way $other): bool => $this->doSame($way, $other)));
            $pairs[] = [$way, $same === null ? null : $in[$same]];
            unset($in[$same ?? -1]);
        }
        foreach ($pairs as $number => [$way, $other]) {
            $pairs[$number] = [$way, $other ?? array_shift($in)];
        }

        return [...$pairs, ...array_map(static fn(Way $way): array => [null, $way], array_values($in))];
    }

    private function doSame(Way $one, Way $other): bool
    {
        [$first, $second] = [$this->matrix->at($one->tool->id), $this->matrix->at($other->tool->id)];
        foreach ($this->matrix->tasks as $task) {
            if (isset($task->doers[$first], $task->doers[$second])) {
                return true;
            }
        }

        return false;
    }
}
