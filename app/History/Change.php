<?php

declare(strict_types=1);

namespace App\History;

/** One thing before and after. */
final readonly class Change
{
    public function __construct(
        public Place $place,
        /** As the codec writes it; null where it was not there. Of an order {lines: list<string>}. */
        public ?\stdClass $before,
        /** Null where it is there no more. */
        public ?\stdClass $after,
        /** Of a line that comes or goes: the id of the one before it, "" for the first place; null for the end. */
        public ?string $follows = null,
    ) {}

    public function inverse(): self
    {
        return new self($this->place, $this->after, $this->before, $this->follows);
    }

    /** @return array<string, mixed> as the history keeps it */
    public function written(): array
    {
        return [
            'list' => $this->place->list,
            ...$this->place->scope === null ? [] : ['scope' => $this->place->scope],
            'id' => $this->place->id,
            'before' => $this->before,
            'after' => $this->after,
            ...$this->follows === null ? [] : ['follows' => $this->follows],
        ];
    }

    public static function read(\stdClass $kept): self
    {
        return new self(new Place($kept->list, $kept->id, $kept->scope ?? null), $kept->before, $kept->after, $kept->follows ?? null);
    }
}
