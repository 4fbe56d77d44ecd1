<?php

declare(strict_types=1);

namespace Gondrik\Core\Training;

use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\Plain;

/** Two of a class who are never at the same station at the same time, written as a list of both. */
final readonly class Apart implements Plain
{
    private function __construct(
        /** Ids of people. */
        public string $one,
        public string $other,
    ) {}

    /** @throws Invalid for anything but two ids of different people */
    public static function read(mixed $plain): static
    {
        if (!is_array($plain) || array_keys($plain) !== [0, 1] || !is_string($plain[0]) || !is_string($plain[1])) {
            throw Invalid::at('', null, 'must be two people in a list');
        }

        return $plain[0] === $plain[1] ? throw Invalid::at('', $plain[1], 'somebody else: nobody can be kept apart from himself') : new static($plain[0], $plain[1]);
    }

    /** @return array{string, string} */
    public function plain(): array
    {
        return [$this->one, $this->other];
    }
}
