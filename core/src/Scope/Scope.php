<?php

declare(strict_types=1);

namespace Gondrik\Core\Scope;

use Gondrik\Core\ListOf;
use Gondrik\Core\Rules\RuleChoice;

/** The work to be covered. */
final readonly class Scope
{
    /** @param list<Line> $lines */
    public function __construct(
        public string $id,
        public string $name,
        #[ListOf(Line::class)]
        public array $lines,
        public ?RuleChoice $houseRules = null,
        public ?string $note = null,
    ) {}
}
