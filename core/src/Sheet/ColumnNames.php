<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

use Gondrik\Core\Reference\Table;

/** By what names people head their columns, from data/column-names.csv; case, marks and a unit in brackets do not matter. */
final class ColumnNames
{
    private const UNITS = ['awg' => 'AWG', 'ga' => 'AWG', 'gauge' => 'AWG', 'kcmil' => 'kcmil', 'mm2' => 'mm2', 'mm' => 'mm', 'sqmm' => 'mm2', 'nm' => 'N·m', 'lbfin' => 'lbf·in', 'lbin' => 'lbf·in', 'inlb' => 'lbf·in', 'inlbs' => 'lbf·in', 'lbfft' => 'lbf·ft', 'ftlb' => 'lbf·ft', 'ftlbs' => 'lbf·ft', 'lbft' => 'lbf·ft'];

    public static function column(string $name): ?Column
    {
        static $columns = null;
        $columns ??= array_column(Table::rows('column-names'), 'column', 'name');
        $plain = self::plain($name);
        // "Wire gauge AWG" is the gauge; a name that is a unit by itself stays one.
        $without = trim((string) preg_replace('~(?<=\S) (?:awg|kcmil|mm2|sqmm|n m|nm|lbf in|lbf ft|in lb|ft lb|°?c)$~u', '', $plain));

        // What nobody else calls so is a key of the workbook.
        return Column::tryFrom($columns[$plain] ?? $columns[$without] ?? trim($name));
    }

    /** @return array<string, array<string, string>> columns of wires, terminals, tools and kits by the list's member and what people call them, from data/list-names.csv */
    public static function ofLists(): array
    {
        $called = [];
        foreach (Table::rows('list-names') as $row) {
            $called[$row['of']][self::plain($row['name'])] = $row['column'];
        }

        return $called;
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
