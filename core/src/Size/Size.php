<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

use Gondrik\Core\Value\Plain;

/**
 * A conductor size as somebody wrote it, with its area in mm².
 *
 * AWG diameters follow ASTM B258: d = 0.127 mm × 92^((36 − n)/39); 1/0 to 4/0 are n = 0 to −3.
 */
final readonly class Size implements Plain, \Stringable
{
    /** One kcmil in mm²: a thousand circles of one mil (0.0254 mm). */
    private const KCMIL = 1000 * M_PI / 4 * 0.0254 ** 2;

    /** Characters: nothing longer is looked at, so that no pattern meets a text that it could get lost in. */
    public const LONGEST = 64;

    public Family $family;

    private function __construct(
        public string $written,
        public SizeUnit $unit,
        public float $area,
    ) {
        $this->family = $unit->family();
    }

    /**
     * Reads "12 AWG", "AWG 12", "4/0 AWG", "8 B&S", "2.5 mm2", "2,5 mm²" or "250 kcmil".
     *
     * @throws InvalidSize for anything else; with a question where the text could mean two things.
     */
    public static function parse(string $text): self
    {
        $text = trim($text);
        if (mb_strlen($text) > self::LONGEST) {
            throw InvalidSize::because($text, 'This is no wire size: at most ' . self::LONGEST . ' characters, like 12 AWG or 2.5 mm2.');
        }
        if (preg_match('~,\d{3}(?!\d)~', $text) === 1) {
            throw InvalidSize::because($text, 'Is the comma in "' . $text . '" a decimal comma or does it part thousands? Write a point, or no comma.');
        }
        $pattern = '~^(?:(?<prefix>awg)\s*#?\s*)?(?<number>\d+/0|\d+(?:[.,]\d+)?)\s*(?<unit>awg|b\s?&\s?s|kcmil|mcm|mm2|mm²|mm\^2|mm)?$~iu';
        if (preg_match($pattern, $text, $part) !== 1) {
            throw InvalidSize::because($text, '"' . $text . '" is no wire size: write it like 12 AWG, 4/0 AWG, 8 B&S, 250 kcmil or 2.5 mm2.');
        }
        $number = str_replace(',', '.', $part['number']);
        $stated = $part['unit'] ?? '';
        if ($part['prefix'] !== '' && $stated !== '') {
            throw InvalidSize::because($text, '"' . $text . '" names two units. Write one: ' . $number . ' AWG or ' . $number . ' ' . strtolower($stated) . '.');
        }
        $unit = strtolower((string) preg_replace('~\s~u', '', $stated !== '' ? $stated : $part['prefix']));

        return match ($unit) {
            'awg' => self::gauge($text, $number, SizeUnit::Awg),
            'b&s' => self::gauge($text, $number, SizeUnit::BrownAndSharpe),
            'kcmil', 'mcm' => self::area($text, $number, SizeUnit::Kcmil, self::KCMIL),
            'mm2', 'mm²', 'mm^2' => self::area($text, $number, SizeUnit::SquareMillimetre, 1.0),
            'mm' => throw InvalidSize::because($text, 'Is "' . $text . '" the outside diameter of the wire or the area of its conductor? For an area write ' . $number . ' mm2; a diameter is no size.'),
            default => throw InvalidSize::because($text, 'Is "' . $text . '" a gauge or an area? Write ' . $text . ' AWG or ' . $text . ' mm2.'),
        };
    }

    public static function read(mixed $plain): static
    {
        return self::parse(is_string($plain) ? $plain : '');
    }

    public function plain(): string
    {
        return $this->written;
    }

    /** AWG n, with 1/0 to 4/0 as n = 0 to −3. */
    public static function awg(int $n): self
    {
        return self::parse(($n > 0 ? (string) $n : (1 - $n) . '/0') . ' AWG');
    }

    /** Solid diameter in mm of the circle that has this area. */
    public function solidDiameter(): float
    {
        return sqrt(4 * $this->area / M_PI);
    }

    public function __toString(): string
    {
        return $this->written;
    }

    private static function gauge(string $text, string $number, SizeUnit $unit): self
    {
        if (preg_match('~^([1-4])/0$~', $number, $aught) === 1) {
            $n = 1 - (int) $aught[1];
        } elseif (preg_match('~^0{1,4}$~', $number) === 1) {
            $n = 1 - strlen($number);
        } elseif (preg_match('~^[1-9]\d*$~', $number) === 1 && (int) $number <= 50) {
            $n = (int) $number;
        } else {
            throw InvalidSize::because($text, '"' . $text . '" is no gauge: gauges are whole numbers from 50 to 1, then 1/0 to 4/0; larger cable is written in kcmil.');
        }

        return new self($text, $unit, M_PI / 4 * (0.127 * 92 ** ((36 - $n) / 39)) ** 2);
    }

    private static function area(string $text, string $number, SizeUnit $unit, float $squareMillimetres): self
    {
        $area = is_numeric($number) ? (float) $number * $squareMillimetres : 0.0;
        if ($area < 0.001 || $area > 2000) {
            throw InvalidSize::because($text, '"' . $text . '" is no conductor area: between 0.001 and 2000 mm2 is possible.');
        }

        return new self($text, $unit, $area);
    }
}
