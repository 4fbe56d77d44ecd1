<?php

declare(strict_types=1);

namespace App\Sheets;

use PhpOffice\PhpSpreadsheet\Reader\Csv;

/** CSV and TSV in whatever encoding, row by row. */
final class SeparatedText
{
    /** What old machines write. */
    private const OLD = 'Windows-1252';

    /** @return list<list<string>> */
    public static function rows(string $path, string $file): array
    {
        $text = self::text($path);
        $stream = fopen('php://memory', 'w+b');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $delimiter = self::delimiter($text);
        unset($text);
        $rows = new TableRows($file);
        for ($row = 0; ($cells = fgetcsv($stream, null, $delimiter, '"', '')) !== false; $row++) {
            foreach ($cells as $column => $cell) {
                $rows->add($row, $column, (string) $cell);
            }
        }
        fclose($stream);

        return $rows->rows();
    }

    /** In UTF-8 without its mark; what is none is taken for what old machines write. */
    private static function text(string $path): string
    {
        $text = (string) mb_convert_encoding((string) file_get_contents($path), 'UTF-8', Csv::guessEncoding($path, self::OLD));

        return str_starts_with($text, "\u{FEFF}") ? substr($text, strlen("\u{FEFF}")) : $text;
    }

    /** Tab, semicolon or comma: the first that stands in most of the first lines, but for what is quoted. */
    private static function delimiter(string $text): string
    {
        $lines = array_filter(array_slice(explode("\n", substr($text, 0, 20_000)), 0, 20), static fn(string $line): bool => trim($line) !== '');
        foreach (["\t", ';', ','] as $delimiter) {
            $with = array_filter($lines, static fn(string $line): bool => str_contains((string) preg_replace('~"[^"]*"~', '', $line), $delimiter));
            if (count($with) * 2 > count($lines)) {
                return $delimiter;
            }
        }

        return ',';
    }
}
