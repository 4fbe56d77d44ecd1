<?php

declare(strict_types=1);

namespace App\Workbook;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/** Keys of the workbook and the columns that hold them: insulationOd is insulation_od; id is code, and a wire's code its printed_code. */
final class Columns
{
    private const NAMES = ['code' => 'printed_code', 'id' => 'code'];

    public static function of(string $key): string
    {
        return self::NAMES[$key] ?? Str::snake($key);
    }

    /**
     * A row for the database from a thing as the codec writes it.
     *
     * @param list<string> $without keys that are kept elsewhere
     *
     * @return array<string, scalar|null> jsonb as text
     */
    public static function fromItem(\stdClass $item, array $without = []): array
    {
        $row = [];
        foreach (get_object_vars($item) as $key => $value) {
            if (!in_array($key, $without, true)) {
                $row[self::of($key)] = match (true) {
                    is_array($value), is_object($value) => json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                    // Bound as a number it would lose its last digits.
                    is_float($value) => sprintf('%.17g', $value),
                    default => $value,
                };
            }
        }

        return $row;
    }

    /**
     * A thing as the codec reads it, from its row.
     *
     * @param list<string> $keys of the workbook
     */
    public static function toItem(Model $row, array $keys): \stdClass
    {
        $item = new \stdClass();
        foreach ($keys as $key) {
            $value = $row->getAttribute(self::of($key));
            if ($value !== null) {
                $item->{$key} = $value;
            }
        }

        return $item;
    }
}
