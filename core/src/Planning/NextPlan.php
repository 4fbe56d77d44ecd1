<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

/** The next best, and where it differs. */
final readonly class NextPlan
{
    /**
     * @param int|null                $covered terminations that count; null for as many as with the best
     * @param list<array{?Way, ?Way}> $instead what is out and what is in its place
     */
    public function __construct(public int $cost, public ?int $covered, public array $instead) {}
}
