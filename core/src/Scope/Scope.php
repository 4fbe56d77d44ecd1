<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Value\ListOf;

/** The work to be covered. */
final readonly class Scope
{
    /**
     * @param list<Line>     $lines
     * @param list<ToolKind> $carry kinds to be carried here besides those of the house
     */
    public function __construct(
        public string $id,
        public string $name,
        #[ListOf(Line::class)]
        public array $lines,
        public ?RuleChoice $houseRules = null,
        #[ListOf(ToolKind::class)]
        public array $carry = [],
        /** Days that the quantities spread over. */
        public ?int $days = null,
        public ?string $note = null,
    ) {}
}
