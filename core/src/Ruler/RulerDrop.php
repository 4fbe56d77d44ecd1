<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Size\Family;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\TradeEquivalents;

/** All lines of one size: one drop line. */
final readonly class RulerDrop
{
    /**
     * @param list<string>          $lines ids
     * @param array<string, Status> $marks worst status by lane
     */
    private function __construct(
        public Size $size,
        public array $lines,
        /** Terminations. */
        public int $quantity,
        public Status $status,
        public array $marks,
    ) {}

    /** The size as the other family would call it: the exact area, or the trade equivalent; null where there is none. */
    public function inOtherFamily(): ?string
    {
        return $this->size->family === Family::Gauge
            ? round($this->size->area, $this->size->area < 1 ? 3 : 2) . ' mm2'
            : (TradeEquivalents::of($this->size)[0]->written ?? null);
    }

    /** Whether a step of its lines is done on a wire of this size: a splice has two. */
    public function isOf(StepCover $step): bool
    {
        return self::isAt($this->size, $step);
    }

    /**
     * The same drop line otherwise marked.
     *
     * @param array<string, Status> $marks worst status by lane
     */
    public function marked(Status $status, array $marks): self
    {
        return new self($this->size, $this->lines, $this->quantity, $status, $marks);
    }

    /**
     * @param list<LineCover>             $covers of the lines with a wire of this size
     * @param \Closure(StepCover): string $laneOf
     */
    public static function at(Size $size, array $covers, \Closure $laneOf): self
    {
        $lines = [];
        $quantity = 0;
        $status = Status::Covered;
        $marks = [];
        foreach ($covers as $cover) {
            $lines[] = $cover->line->id;
            $quantity += $cover->line->quantity;
            $status = $cover->status === Status::Faulty ? Status::Faulty : $status;
            foreach ($cover->steps as $step) {
                if (self::isAt($size, $step)) {
                    $lane = $laneOf($step);
                    $marks[$lane] = $step->status->worse($marks[$lane] ?? $step->status);
                    $status = $status->worse($step->status);
                }
            }
        }

        return new self($size, $lines, $quantity, $status, $marks);
    }

    private static function isAt(Size $size, StepCover $step): bool
    {
        $wire = $step->step->wire();

        return $wire !== null && abs($wire->size->area - $size->area) < 1e-6;
    }
}
