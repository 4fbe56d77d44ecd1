<?php

declare(strict_types=1);

namespace Gondrik\Core\Cells;

use Gondrik\Core\Reference\Table;

/** By what names people head their columns; case, marks and a unit in brackets do not matter. */
final class ColumnNames
{
    private const UNITS = ['awg' => 'AWG', 'ga' => 'AWG', 'gauge' => 'AWG', 'kcmil' => 'kcmil', 'mm2' => 'mm2', 'mm' => 'mm', 'sqmm' => 'mm2', 'nm' => 'N·m', 'lbfin' => 'lbf·in', 'lbin' => 'lbf·in', 'inlb' => 'lbf·in', 'inlbs' => 'lbf·in', 'lbfft' => 'lbf·ft', 'ftlb' => 'lbf·ft', 'ftlbs' => 'lbf·ft', 'lbft' => 'lbf·ft'];

    /** @return string|null what a column of a table of work says, from data/column-names.csv; null where nobody calls anything so */
    public static function ofWork(string $name): ?string
    {
        static $columns = null;
        $columns ??= array_column(Table::rows('column-names'), 'column', 'name');
        $plain = self::plain($name);
        // "Wire gauge AWG" is the gauge; a name that is a unit by itself stays one.
        $without = trim((string) preg_replace('~(?<=\S) (?:awg|kcmil|mm2|sqmm|n m|nm|lbf in|lbf ft|in lb|ft lb|°?c)$~u', '', $plain));

        return $columns[$plain] ?? $columns[$without] ?? null;
    }

    /**
     * @param string $member of a list: wire, terminal, tool, kit
     *
     * @return array<string, string> its columns by what people call them, from data/list-names.csv
     */
    public static function ofList(string $member): array
    {
        static $called = null;
        if ($called === null) {
            $called = [];
            foreach (Table::rows('list-names') as $row) {
                $called[$row['of']][self::plain($row['name'])] = $row['column'];
            }
        }

        return $called[$member] ?? [];
    }

    /** The unit that a head names for the numbers below it, as sizes and figures are written; null where it names none. */
    public static function unit(string $name): ?string
    {
        $parts = preg_match('~[(\[]([^)\]]+)[)\]]~u', $name, $found) === 1 ? [$found[1]] : [$name, ...preg_split('~\s+~u', trim($name)) ?: []];
        foreach ($parts as $part) {
            $letters = (string) preg_replace('~[^\p{L}\p{N}]~u', '', str_replace(['²', '^2'], '2', mb_strtolower($part)));
            if (isset(self::UNITS[$letters]) && $letters !== 'gauge') {
                return self::UNITS[$letters];
            }
        }

        return null;
    }

    /** A name as it is held against others: small letters, one blank between words, no marks, nothing in brackets. */
    public static function plain(string $name): string
    {
        $words = (string) preg_replace(['~[(\[][^)\]]*[)\]]~u', '~(?<=\p{Ll})(?=\p{Lu}\p{Ll})~u'], ['', ' '], $name);
        $plain = trim((string) preg_replace('~[^\p{L}\p{N}]+~u', ' ', str_replace(['²', '^2'], '2', mb_strtolower($words))));

        // Where nothing else is said, what stands in the brackets is the name.
        return $plain === '' && $name !== '' && preg_match('~[(\[]~', $name) === 1 ? self::plain(str_replace(['(', ')', '[', ']'], ' ', $name)) : $plain;
    }
}
