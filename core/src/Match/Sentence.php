<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Wire\Material;

/** The one place where a code and its numbers become a sentence; the wording stands in data/reasons.csv. */
final readonly class Sentence
{
    public function __construct(private LengthUnit $length = LengthUnit::Millimetre) {}

    public function of(Reason $reason): string
    {
        $numbers = $reason->numbers;
        $text = preg_replace_callback(
            '~\{(\w+)(?::(\w+|%))?\}~',
            fn(array $slot): string => $this->say($numbers[$slot[1]] ?? 'unknown', $slot[2] ?? ''),
            self::wording($reason->code, $reason->fit),
        );

        return ucfirst((string) $text) . ($reason->rule === null ? '' : ' By house rule ' . $reason->rule . '.');
    }

    /** One sentence on what a code means, for the reference. */
    public static function meaning(ReasonCode $code): string
    {
        return self::table()[$code->value]['meaning'];
    }

    /** @param string|int|float|list<string> $value */
    private function say(string|int|float|array $value, string $unit): string
    {
        if (is_array($value)) {
            return $value === [] ? 'nothing' : implode(', ', array_map(static fn(string $one): string => Material::tryFrom($one)?->inWords() ?? $one, $value));
        }
        if (is_string($value)) {
            return Material::tryFrom($value)?->inWords() ?? $value;
        }
        $value = (float) $value;

        return match ($unit) {
            'mm' => $this->length->say($value),
            '%' => LengthUnit::plain(100 * $value, 0) . ' %',
            'C' => LengthUnit::plain($value, 1) . ' °C',
            'N' => LengthUnit::plain($value, 1) . ' N',
            'Nm' => LengthUnit::plain($value, 2) . ' N·m',
            'mm2' => LengthUnit::plain($value, 2) . ' mm²',
            default => LengthUnit::plain($value, 2),
        };
    }

    private static function wording(ReasonCode $code, Fit $fit): string
    {
        $row = self::table()[$code->value];

        return $row[$fit->value] !== '' ? $row[$fit->value] : $row['meaning'];
    }

    /** @return array<string, array<string, string>> rows by code */
    private static function table(): array
    {
        static $table = null;

        return $table ??= array_column(Table::rows('reasons'), null, 'code');
    }
}
