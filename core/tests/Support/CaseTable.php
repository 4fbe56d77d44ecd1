<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

/** The rows of cases/NAME.csv, for a test that runs once for each. */
final class CaseTable
{
    /** @return array<string, array{array<string, string>}> by what names a case */
    public static function of(string $name, string ...$columns): array
    {
        $file = fopen(__DIR__ . '/../cases/' . $name . '.csv', 'rb');
        assert($file !== false);
        $header = array_map(strval(...), fgetcsv($file, null, ',', '"', '') ?: []);
        $cases = [];
        while (($row = fgetcsv($file, null, ',', '"', '')) !== false) {
            $case = array_combine($header, array_map(strval(...), $row));
            $cases[implode(' ', array_map(static fn(string $column): string => '"' . $case[$column] . '"', $columns))] = [$case];
        }
        fclose($file);

        return $cases;
    }
}
