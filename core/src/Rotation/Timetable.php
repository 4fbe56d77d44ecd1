<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** When and where each turn is. */
final readonly class Timetable
{
    /** Ticks from the start to the last end. */
    public int $length;

    /** @var list<int> by person: the end of his last turn, nought where he has none */
    public array $ends;

    /**
     * @param array<int, int> $starts   by turn
     * @param array<int, int> $stations by turn
     */
    public function __construct(
        public ClassWork $work,
        public array $starts,
        public array $stations,
    ) {
        $ends = [];
        foreach ($work->ofPerson as $turns) {
            $end = 0;
            foreach ($turns as $turn) {
                $end = max($end, $starts[$turn] + $work->turns[$turn]->length);
            }
            $ends[] = $end;
        }
        $this->ends = $ends;
        $this->length = $ends === [] ? 0 : max($ends);
    }

    public function sumOfEnds(): int
    {
        return array_sum($this->ends);
    }

    /** Below nought where this one is better: shorter, or as long and sooner done for all taken together. */
    public function against(self $other): int
    {
        return [$this->length, $this->sumOfEnds()] <=> [$other->length, $other->sumOfEnds()];
    }
}
