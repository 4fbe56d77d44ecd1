<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Scope\Line;

/** What two kits make of one line. */
final readonly class LineOfTwo
{
    public Line $line;

    /** Whose line it is as a whole: a kit makes it that does all of its steps. Neither also where it is faulty. */
    public Whose $whose;

    public function __construct(public LineCover $one, public LineCover $other)
    {
        $this->line = $one->line;
        $this->whose = Whose::of($one->status, $other->status);
    }

    /** @return list<array{StepCover, StepCover}> step by step, as the one and as the other does it */
    public function steps(): array
    {
        return array_map(static fn(StepCover $one, StepCover $other): array => [$one, $other], $this->one->steps, $this->other->steps);
    }
}
