<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Verdict\Fit;

/** One thing that a tool can do. */
abstract readonly class Capability
{
    public function __construct(
        /** Makeshift: the tool does it, but never well. */
        public Fit $grade = Fit::Proper,
        public Skill $skill = Skill::Any,
        /** What the shop has proven, which may be less or more than what is printed. */
        public ?SizeRange $proven = null,
        public ?string $note = null,
    ) {}

    abstract public static function operation(): Operation;
}
