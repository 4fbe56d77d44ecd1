<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\Plain;

/**
 * A torque as somebody wrote it, with what it is in N·m: "15 lbf·in" is 1.694772 N·m. In a document a number is N·m; text has its
 * unit with it and stays as it was written.
 */
final readonly class Torque implements Plain
{
    /** N·m in one pound-force inch, and in one pound-force foot: 0.45359237 kg × 9.80665 m/s² × 0.0254 m or 0.3048 m. */
    public const POUND_INCH = 0.1129848290276167;

    public const POUND_FOOT = 1.3558179483314004;

    /** How its units are written, as a pattern: "N·m", "lbf·in", "in-lb", "ft lbs". */
    public const UNIT = 'n\s?[·*.]?\s?m(?!m)|lbf?\s?[·*.\s-]?\s?(?:in|ft)|(?:in|ft)\s?[·*.\s-]?\s?lb[fs]?';

    private const LONGEST = 40;

    /** Digits of what is converted: to a millionth of a newton metre. */
    private const DIGITS = 6;

    private const EXPECTED = 'a torque above nothing, like 1.2 N·m or 15 lbf·in';

    /** @param string|null $written null where it was in N·m */
    private function __construct(public float $newtonMetres, public ?string $written) {}

    /** @throws Invalid for nothing, and less */
    public static function of(float $newtonMetres): self
    {
        return $newtonMetres > 0 && is_finite($newtonMetres) ? new self($newtonMetres, null) : throw Invalid::at('', $newtonMetres, 'must be more than 0');
    }

    /**
     * Reads "1.2 N·m", "15 lbf·in", "15 in-lb", "4,5 ft-lb".
     *
     * @throws Invalid for anything else
     */
    public static function parse(string $text): self
    {
        $text = trim($text);
        if (mb_strlen($text) > self::LONGEST || preg_match('~^(?<force>\d+(?:[.,]\d+)?)\s*(?<unit>' . self::UNIT . ')$~iuD', $text, $part) !== 1) {
            throw Invalid::at('', $text, '"' . mb_substr($text, 0, self::LONGEST) . '" is no torque: write it like 1.2 N·m or 15 lbf·in');
        }
        $unit = mb_strtolower($part['unit']);
        $one = match (true) {
            str_contains($unit, 'ft') => self::POUND_FOOT,
            str_contains($unit, 'in') => self::POUND_INCH,
            default => 1.0,
        };
        $newtonMetres = round((float) str_replace(',', '.', $part['force']) * $one, self::DIGITS);
        if ($newtonMetres <= 0 || !is_finite($newtonMetres)) {
            throw Invalid::at('', $text, self::EXPECTED);
        }

        return new self($newtonMetres, $one === 1.0 ? null : $text);
    }

    public static function read(mixed $plain): static
    {
        return match (true) {
            is_int($plain), is_float($plain) => self::of((float) $plain),
            is_string($plain) => self::parse($plain),
            default => throw Invalid::at('', is_bool($plain) ? $plain : null, self::EXPECTED),
        };
    }

    public function plain(): float|string
    {
        return $this->written ?? $this->newtonMetres;
    }
}
