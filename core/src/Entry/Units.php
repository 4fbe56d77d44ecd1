<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

use Gondrik\Core\Size\InvalidSize;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\Torque;

/** Takes an entry apart into its pieces. */
final class Units
{
    private const NUMBER = '\d+(?:[.,]\d+)?';

    private const GAUGES = 'awg|gauge|ga|b\s?&\s?s|kcmil|mcm';

    private const AREAS = 'mm2|mm²|mm\^2|sq\.?\s?mm|sqmm|qmm|sq';

    /** @return list<Unit> */
    public static function of(string $text): array
    {
        $units = [];
        $at = 0;
        while (preg_match(self::pattern(), $text, $found, PREG_UNMATCHED_AS_NULL, $at) === 1) {
            $piece = (string) $found[0];
            $at += strlen($piece);
            if (trim($piece) !== '') {
                $units[] = self::unit($found, mb_strlen(substr($text, 0, $at - strlen($piece))));
            }
        }

        return $units;
    }

    private static function pattern(): string
    {
        static $pattern = null;
        $number = self::NUMBER;
        $end = '(?![\p{L}\p{N}])';
        $aught = '[1-4]/0|0{1,4}(?!\d)';
        $side = "(?:{$aught}|{$number})";

        return $pattern ??= '~\G(?:'
            . '(?<space>\s+)'
            . '|(?<arrow>→|⟶|-+>|=+>|>)'
            . '|(?<comma>[,;])'
            . "|(?<temperature>(?<degrees>[-−–+]?{$number})\s*(?:°\s*c?|℃|deg\s*c){$end}|(?<![\p{L}\p{N}])(?<signed>[-−–+]{$number})\s*c{$end})"
            . '|(?<plus>\+)'
            . "|(?<torque>{$number}\s*(?:" . Torque::UNIT . "){$end})"
            . "|(?<outside>(?:⌀|ø|od)\s*(?<across>{$number})\s*mm{$end}|(?<acrossAll>{$number})\s*mm\s*(?:od|outside){$end})"
            . "|(?<millimetres>(?<measured>{$number})\s*mm{$end}(?!\^))"
            . "|(?<barrel>(?<wires>\d+)\s*(?:×|x)?\s*(?:wires?\s+)?(?:per|a)\s+barrel{$end})"
            . '|(?<size>awg\s*#?\s*' . $side . '(?:\s*[-–]\s*' . $side . ')?' . $end
                . "|{$side}\s*(?:(?:" . self::GAUGES . ')\s*)?[-–]\s*' . $side . '\s*(?:' . self::GAUGES . '|' . self::AREAS . ")\.?{$end}"
                . "|{$side}\s*(?:" . self::GAUGES . '|' . self::AREAS . ")\.?{$end}"
                . "|[1-4]/0{$end})"
            . '|(?<times>(?<many>\d+)\s*(?:×|\*|x(?![\p{L}])|pcs\.?|pieces|pc\.?)(?![\p{L}])|(?:×|\*|x)\s*(?<ofMany>\d+)(?:\s*pcs\.?)?(?![\p{L}\p{N}.,]))'
            . "|(?<hash>\#\s?(?<hashed>\d{1,2})){$end}"
            . "|(?<stud>m\d{1,2}(?:[.,]\d)?{$end}|\d{1,2}/[1-9]\d?(?:\s?(?:\"|″|”|in(?:ch)?))?{$end})"
            . '|(?<phrase>' . Vocabulary::phrases() . ")(?![\p{L}\p{N}])"
            . "|(?<bare>{$number})(?![\p{L}\p{N}/&-])"
            . '|(?<word>[\p{L}\p{N}][\p{L}\p{N}/&._²-]*[\p{L}\p{N}²]|[\p{L}\p{N}])'
            . '|(?<odd>[^\s,;]+)'
            . ')~iu';
    }

    /** @param array<int|string, string|null> $found */
    private static function unit(array $found, int $from): Unit
    {
        $text = rtrim((string) $found[0]);
        $make = static fn(UnitKind $kind, string|float $value = '', ?SizeRange $size = null, ?Meaning $meaning = null): Unit => new Unit($kind, $from, $from + mb_strlen($text), $text, $value, $size, $meaning);
        $decimal = static fn(?string $number): float => (float) str_replace([',', '−', '–'], ['.', '-', '-'], (string) $number);
        if ($found['size'] !== null) {
            try {
                return $make(UnitKind::Size, $text, SizeRange::parse(self::written($text)));
            } catch (InvalidSize) {
                // 500 AWG, 1,000 mm2: it is told as what is not understood.
                return $make(UnitKind::Word, mb_strtolower($text));
            }
        }
        $word = mb_strtolower((string) preg_replace('~\s+~u', ' ', $text));

        return match (true) {
            $found['arrow'] !== null => $make(UnitKind::Arrow),
            $found['comma'] !== null => $make(UnitKind::Comma),
            $found['plus'] !== null => $make(UnitKind::Plus),
            $found['torque'] !== null => $make(UnitKind::Torque),
            $found['temperature'] !== null => $make(UnitKind::Temperature, $decimal($found['degrees'] ?? $found['signed'])),
            $found['outside'] !== null => $make(UnitKind::Outside, $decimal($found['across'] ?? $found['acrossAll'])),
            $found['millimetres'] !== null => $make(UnitKind::Millimetres, (string) $found['measured']),
            $found['barrel'] !== null => $make(UnitKind::PerBarrel, (float) $found['wires']),
            $found['times'] !== null => $make(UnitKind::Times, (string) ($found['many'] ?? $found['ofMany'])),
            $found['hash'] !== null => $make(UnitKind::Hash, (string) $found['hashed']),
            $found['stud'] !== null => $make(UnitKind::Stud, ucfirst((string) preg_replace('~\s?(?:"|″|”|in(?:ch)?)$~iu', '', mb_strtolower($text)))),
            $found['bare'] !== null => $make(UnitKind::Bare, $text),
            default => $make(UnitKind::Word, $word, meaning: Vocabulary::meaning($word)),
        };
    }

    /** A size as Size reads it: the short forms of its units are written out. */
    private static function written(string $text): string
    {
        $area = preg_replace('~(?:sq\.?\s?mm|sqmm|qmm|sq)\.?$~iu', 'mm2', $text);
        $gauge = preg_replace('~(?<=[\d\s])(?:gauge|ga)\.?~iu', ' AWG', (string) $area);

        return preg_match('~^[1-4]/0$~', (string) $gauge) === 1 ? $gauge . ' AWG' : (string) preg_replace('~\s+~u', ' ', (string) $gauge);
    }
}
