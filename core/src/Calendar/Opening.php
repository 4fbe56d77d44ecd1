<?php

declare(strict_types=1);

namespace Gondrik\Core\Calendar;

/** A day on which more stands in a hole than on the day before. */
final readonly class Opening
{
    public function __construct(
        public CalendarDay $day,
        /** How many more. */
        public int $terminations,
    ) {}
}
