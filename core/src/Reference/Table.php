<?php

declare(strict_types=1);

namespace Gondrik\Core\Reference;

/** Reads the tables in core/data: CSV with a header row. */
final class Table
{
    /**
     * @return list<array<string, string>> rows keyed by the header
     *
     * @throws \RuntimeException when the table is missing or a row has not as many cells as the header
     */
    public static function rows(string $name): array
    {
        static $tables = [];

        return $tables[$name] ??= self::read(dirname(__DIR__, 2) . '/data/' . $name . '.csv');
    }

    /** @return list<array<string, string>> */
    private static function read(string $path): array
    {
        $file = @fopen($path, 'rb');
        if ($file === false) {
            throw new \RuntimeException('Missing table ' . $path);
        }
        $header = fgetcsv($file, null, ',', '"', '') ?: [];
        $rows = [];
        while (($cells = fgetcsv($file, null, ',', '"', '')) !== false) {
            if (count($cells) !== count($header)) {
                throw new \RuntimeException($path . ': row ' . (count($rows) + 2) . ' has ' . count($cells) . ' cells, the header ' . count($header));
            }
            $rows[] = array_combine(array_map(strval(...), $header), array_map(strval(...), $cells));
        }
        fclose($file);

        return $rows;
    }
}
