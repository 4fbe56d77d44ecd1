<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

/**
 * One line between a gauge and its reader: a word, its members, and a check, so that what was disturbed on the way is never
 * read as another force.
 */
final readonly class GaugeLine
{
    /** @param list<string> $members */
    private function __construct(public GaugeWord $word, public array $members) {}

    public static function of(GaugeWord $word, string ...$members): self
    {
        return new self($word, array_values($members));
    }

    /** Null for what is no line of it: no word of it, too many or too few members, or a check that says otherwise. */
    public static function read(string $text): ?self
    {
        if (preg_match('/^([\x20-\x29\x2B-\x7E]+)\*([0-9A-F]{2})$/', $text, $found) !== 1 || self::check($found[1]) !== $found[2]) {
            return null;
        }
        $members = explode(' ', $found[1]);
        $word = GaugeWord::tryFrom((string) array_shift($members));

        return $word === null || count($members) !== $word->members() || in_array('', $members, true) ? null : new self($word, $members);
    }

    /** Without the end of the line. */
    public function write(): string
    {
        $text = implode(' ', [$this->word->value, ...$this->members]);

        return $text . '*' . self::check($text);
    }

    /** Both nibbles of CRC-8 (x⁸ + x² + x + 1, from 0): one letter more, less or another always shows. */
    private static function check(string $text): string
    {
        $rest = 0;
        foreach (str_split($text) as $letter) {
            $rest ^= ord($letter);
            for ($bit = 0; $bit < 8; $bit++) {
                $rest = ($rest & 0x80) !== 0 ? (($rest << 1) ^ 0x07) & 0xFF : $rest << 1;
            }
        }

        return sprintf('%02X', $rest);
    }
}
