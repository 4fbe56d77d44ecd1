<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** A day of the shop's own clock, as "2027-03-14": without a time, and so without a zone. */
final readonly class Day implements Plain, \Stringable
{
    private const SECONDS = 86_400;

    /** The first and the last that are taken: what lies beyond them is a slip of the hand. */
    private const YEARS = [1900, 2999];

    private function __construct(
        /** Days since the first of January 1970. */
        public int $number,
    ) {}

    /** @throws Invalid for what is no day of the calendar */
    public static function read(mixed $plain): static
    {
        if (!is_string($plain) || preg_match('~^(\d{4})-(\d{2})-(\d{2})$~D', $plain, $of) !== 1 || !checkdate((int) $of[2], (int) $of[3], (int) $of[1])) {
            throw Invalid::at('', is_scalar($plain) ? $plain : null, 'must be a day as year, month and day: 2027-03-14');
        }
        if ((int) $of[1] < self::YEARS[0] || (int) $of[1] > self::YEARS[1]) {
            throw Invalid::at('', $plain, 'must be a day of the years ' . implode(' to ', self::YEARS));
        }

        return new static(intdiv((int) gmmktime(0, 0, 0, (int) $of[2], (int) $of[3], (int) $of[1]), self::SECONDS));
    }

    public function plain(): string
    {
        return gmdate('Y-m-d', $this->number * self::SECONDS);
    }

    public function __toString(): string
    {
        return $this->plain();
    }

    public function plus(int $days): self
    {
        return new self($this->number + $days);
    }

    /** So many days later; null where that is beyond the years that are written with four digits. */
    public function after(int $days): ?self
    {
        $last = intdiv((int) gmmktime(0, 0, 0, 12, 31, 9999), self::SECONDS);

        return $days > $last - $this->number ? null : $this->plus($days);
    }

    /** The Monday of its week, as ISO 8601 has weeks; the first of January 1970 was a Thursday. */
    public function monday(): self
    {
        // What is before 1970 counts backwards.
        return $this->plus(-((($this->number + 3) % 7 + 7) % 7));
    }

    public function isAfter(self $other): bool
    {
        return $this->number > $other->number;
    }
}
