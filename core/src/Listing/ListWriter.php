<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\ObjectCodec;

/** Writes things of a workbook as a table: a row for each, of a tool one for each capability, notch or nest, of a kit one for each tool. */
final readonly class ListWriter
{
    private ListPart $whole;

    /** @param class-string<Wire|Terminal|Tool|Kit|Person|Asset|Line> $class */
    public function __construct(string $class, private DecimalSign $sign = DecimalSign::Point)
    {
        $this->whole = ListPart::of($class);
    }

    /**
     * @param list<Wire>|list<Terminal>|list<Tool>|list<Kit>|list<Person>|list<Asset>|list<Line> $things
     *
     * @return non-empty-list<list<string>> the names of the columns, then the rows; columns that nothing says something in are
     *                                      left out, but of an empty table all names are told
     */
    public function table(array $things): array
    {
        $objects = new ObjectCodec();
        $rows = [];
        foreach ($things as $thing) {
            foreach ($this->rows($this->whole, $objects->write($thing)) as $row) {
                $rows[] = ['id' => $thing->id, ...$row];
            }
        }
        $names = self::names($this->whole, $rows);

        return [$names, ...array_map(static fn(array $row): array => array_map(static fn(string $name): string => $row[$name] ?? '', $names), $rows)];
    }

    /** @return non-empty-list<array<string, string>> cells by the names of their columns */
    private function rows(ListPart $part, \stdClass $item): array
    {
        $own = [];
        foreach ($part->columns as $column) {
            $text = Cell::write($column->kind, self::valueAt($item, $column->keys), $this->sign);
            if ($text !== '') {
                $own[$column->name] = $text;
            }
        }
        $rows = [];
        foreach ($part->parts as $key => $below) {
            if ($below->isOptional && ($item->{$key} ?? null) === []) {
                $own[$below->columns[0]->name] = Cell::NONE;
            }
            foreach ($item->{$key} ?? [] as $n => $member) {
                foreach ($this->rows($below, $member) as $row) {
                    $rows[] = [...$below->number() === null ? [] : [$below->number() => (string) ($n + 1)], ...$row];
                }
            }
        }

        return $rows === [] ? [$own] : [[...$own, ...$rows[0]], ...array_slice($rows, 1)];
    }

    /** @param non-empty-list<string> $keys */
    private static function valueAt(\stdClass $item, array $keys): mixed
    {
        $value = $item;
        foreach ($keys as $key) {
            $value = $value instanceof \stdClass ? $value->{$key} ?? null : null;
        }

        return $value;
    }

    /**
     * @param list<array<string, string>> $rows
     *
     * @return list<string>
     */
    private static function names(ListPart $part, array $rows): array
    {
        $used = [];
        foreach ($rows as $row) {
            $used += $row;
        }
        $names = $part->number() !== null && ($rows === [] || isset($used[$part->number()])) ? [$part->number()] : [];
        foreach ($part->columns as $column) {
            if ($rows === [] || isset($used[$column->name]) || ($column->isNeeded && $part->prefix === '')) {
                $names[] = $column->name;
            }
        }
        foreach ($part->parts as $below) {
            $names = [...$names, ...self::names($below, $rows)];
        }

        return $names;
    }
}
