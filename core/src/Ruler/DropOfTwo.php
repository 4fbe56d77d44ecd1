<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

use Gondrik\Core\Coverage\LineOfTwo;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Coverage\Whose;

/** All lines of one size as two kits do them. */
final readonly class DropOfTwo
{
    /**
     * @param RulerDrop                  $drop  as the better of both does each step
     * @param array<string, list<Whose>> $whose by lane, each once, in the order of the cases: at one size one line may be of the one, another of the other
     */
    private function __construct(public RulerDrop $drop, public array $whose) {}

    /**
     * @param list<LineOfTwo>             $lines  with a wire of this size
     * @param \Closure(StepCover): string $laneOf
     */
    public static function at(RulerDrop $drop, array $lines, \Closure $laneOf): self
    {
        $found = $marks = [];
        $status = $drop->status === Status::Faulty ? Status::Faulty : Status::Covered;
        foreach ($lines as $line) {
            foreach ($line->steps() as [$one, $other]) {
                if ($drop->isOf($one)) {
                    $lane = $laneOf($one);
                    $better = $one->status->worse($other->status) === $one->status ? $other->status : $one->status;
                    $marks[$lane] = $better->worse($marks[$lane] ?? $better);
                    $status = $status->worse($better);
                    $found[$lane][Whose::of($one->status, $other->status)->value] = true;
                }
            }
        }
        $ordered = static fn(array $of): array => array_values(array_filter(Whose::cases(), static fn(Whose $case): bool => isset($of[$case->value])));

        return new self($drop->marked($status, $marks), array_map($ordered, $found));
    }
}
