<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

/** Whose hands do the work: how strong and wide they close, where that is known, and what they may do alone. */
final readonly class Worker
{
    /** @var array<string, true> */
    private array $alone;

    /** @param list<HandSkill> $signedOff for which they are */
    public function __construct(
        public string $id,
        public string $name,
        public ?Hand $hand,
        array $signedOff,
    ) {
        $this->alone = array_fill_keys(array_map(strval(...), $signedOff), true);
    }

    /** @param HandSkill|null $skill null of a step that says too little of itself, for which nobody is signed off */
    public function isSignedOff(?HandSkill $skill): bool
    {
        return $skill !== null && isset($this->alone[$skill->name]);
    }
}
