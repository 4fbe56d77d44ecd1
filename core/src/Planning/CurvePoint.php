<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** The least money for so many terminations, and what it goes into. */
final readonly class CurvePoint
{
    /**
     * @param list<Way>      $add
     * @param list<PaidStep> $paid
     */
    public function __construct(public int $cost, public int $covered, public array $add, public array $paid) {}
}
