<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** A time of the shop's own clock, as "08:30". */
final readonly class Clock implements Plain, \Stringable
{
    private function __construct(
        /** Minutes since midnight, 0 to 1439. */
        public int $minutes,
    ) {}

    /** @throws Invalid for what no clock shows */
    public static function read(mixed $plain): static
    {
        return is_string($plain) && preg_match('~^([01]\d|2[0-3]):([0-5]\d)$~D', $plain, $of) === 1
            ? new static(60 * (int) $of[1] + (int) $of[2])
            : throw Invalid::at('', is_scalar($plain) ? $plain : null, 'must be a time as hours and minutes, two digits each: 08:30');
    }

    /** What the clock shows so many minutes after midnight; behind midnight it begins anew. */
    public static function at(int $minutes): self
    {
        return new self($minutes % 1440);
    }

    public function plain(): string
    {
        return sprintf('%02d:%02d', intdiv($this->minutes, 60), $this->minutes % 60);
    }

    public function __toString(): string
    {
        return $this->plain();
    }
}
