<?php

declare(strict_types=1);

namespace Gondrik\Core\Terminal;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\Plain;

/** A stud or the hole that goes over it: "M6", "1/4", "#10". Rows of data/stud-holes.csv are equal. */
final readonly class Stud implements Plain, \Stringable
{
    private function __construct(public string $written) {}

    /** @throws Invalid for anything that is no stud */
    public static function parse(string $text): self
    {
        if (preg_match('~^(?:M\d{1,2}(?:[.,]\d)?|#\d{1,2}|\d{1,2}/\d{1,2})$~D', $text) !== 1) {
            throw Invalid::at('', $text, '"' . $text . '" is no stud: write it like M6, #10 or 1/4');
        }

        return new self($text);
    }

    public static function read(mixed $plain): static
    {
        return self::parse(is_string($plain) ? $plain : '');
    }

    public function plain(): string
    {
        return $this->written;
    }

    public function suits(self $other): bool
    {
        return self::metric($this->written) === self::metric($other->written);
    }

    public function __toString(): string
    {
        return $this->written;
    }

    private static function metric(string $written): string
    {
        foreach (Table::rows('stud-holes') as $row) {
            if ($row['inch'] === $written) {
                return $row['metric'];
            }
        }

        return str_replace(',', '.', $written);
    }
}
