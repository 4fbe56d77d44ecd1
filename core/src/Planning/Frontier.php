<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Covering\Optimum;
use Gondrik\Core\Covering\Worth;

/** The exact curve of terminations against money: each point is the best there is for a little less than the one above it. */
final readonly class Frontier
{
    public function __construct(private PlanQuestion $question, private Model $model, private Optimum $optimum) {}

    /** @return list<CurvePoint> from the kit as it is to the most that can count; where time was up, only the part that was proven */
    public function points(): array
    {
        $points = [];
        $least = $this->question->forcedCost;
        for ($budget = null; ;) {
            $outcome = $this->optimum->of($this->model->most($budget));
            if ($outcome === null || !$outcome->isProven) {
                break;
            }
            $cost = $least + $outcome->worth->money;
            if ($outcome->worth->won > 0) {
                array_unshift($points, $this->point($outcome->worth));
            }
            // What costs no more than what is taken in any case is where the curve begins.
            if ($outcome->worth->won === 0 || $cost === $least) {
                break;
            }
            $budget = $cost - 1;
        }
        return [new CurvePoint($least, $this->model->alreadyWon(), $this->question->forced, []), ...$points];
    }

    private function point(Worth $worth): CurvePoint
    {
        return new CurvePoint(
            $this->question->forcedCost + $worth->money,
            $this->model->alreadyWon() + $worth->won,
            $this->question->inOrder($this->model->ways($worth)),
            $this->model->paid($worth),
        );
    }
}
