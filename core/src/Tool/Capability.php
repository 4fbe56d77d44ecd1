<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Value\Variants;
use Gondrik\Core\Verdict\Fit;

/** One thing that a tool can do. */
abstract readonly class Capability implements Variants
{
    /** Nothing is said of it that holds whatever the operation. */
    public bool $isPlain;

    public function __construct(
        /** Makeshift: the tool does it, but never well. */
        public Fit $grade = Fit::Proper,
        public Skill $skill = Skill::Any,
        /** What the shop has proven, which may be less or more than what is printed. */
        public ?SizeRange $proven = null,
        public ?string $note = null,
    ) {
        $this->isPlain = $grade === Fit::Proper && $skill === Skill::Any && $proven === null;
    }

    abstract public static function operation(): Operation;

    public static function kindKey(): string
    {
        return 'op';
    }

    public static function kindName(): string
    {
        return 'an operation';
    }

    public static function kind(): string
    {
        return static::operation()->value;
    }

    public static function ofKind(string $kind): ?string
    {
        return Operation::tryFrom($kind)?->capability();
    }
}
