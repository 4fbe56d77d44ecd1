<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

use Gondrik\Core\Cells\UnreadCell;

/** A thing while its rows are read, one after the other: what they say, from which cells, and what is wrong with them. */
final class ListDraft
{
    public readonly \stdClass $item;

    /** @var list<int> */
    private array $rows = [];

    /** @var list<RowProblem> */
    private array $problems = [];

    /** @var array<string, array{int, int|null}> row and column by path in the item */
    private array $places = [];

    /** @var array<string, array{string, array<string, string>}> where the rows stand in each list of parts: the last number, and the own cells of the last member */
    private array $at = [];

    public function __construct(private readonly ListPart $whole)
    {
        $this->item = new \stdClass();
        foreach ($whole->parts as $key => $part) {
            if (!$part->isOptional) {
                $this->item->{$key} = [];
            }
        }
    }

    /** @param array<string, array{int, string, string|null}> $cells place, text and unit, by what their column says; none is empty */
    public function take(int $row, array $cells): void
    {
        $this->rows[] = $row;
        $this->fill($this->whole, $this->item, '', $row, $cells);
    }

    /** Says what is wrong with what stands at a path of the item. */
    public function refuse(string $path, string $text, string $expected): void
    {
        [$row, $column] = $this->placeOf($path);
        $this->problems[] = new RowProblem($row, $column, $text, $expected);
    }

    /** @return list<int> places of its rows */
    public function rows(): array
    {
        return $this->rows;
    }

    /** @return list<RowProblem> */
    public function problems(): array
    {
        return $this->problems;
    }

    /** @return array{int, int|null} row and column that say what stands at a path of the item, or the nearest above it */
    public function placeOf(string $path): array
    {
        while ($path !== '' && !isset($this->places[$path])) {
            $path = str_contains($path, '/') ? substr($path, 0, (int) strrpos($path, '/')) : '';
        }

        return $this->places[$path] ?? [$this->rows[0] ?? 0, null];
    }

    /** @param array<string, array{int, string, string|null}> $cells */
    private function fill(ListPart $part, \stdClass $item, string $path, int $row, array $cells): void
    {
        foreach ($part->columns as $column) {
            if (isset($cells[$column->name])) {
                $this->put($column, $item, $path, $row, $cells[$column->name]);
            }
        }
        foreach ($part->parts as $key => $below) {
            $this->member($below, $key, $item, $path, $row, $cells);
        }
    }

    /** @param array{int, string, string|null} $cell */
    private function put(ListColumn $column, \stdClass $item, string $path, int $row, array $cell): void
    {
        [$place, $text, $unit] = $cell;
        $at = $path . implode('/', $column->keys);
        try {
            $value = Cell::read($column, $text, $unit);
        } catch (UnreadCell $error) {
            $this->problems[] = new RowProblem($row, $place, $error->text, $error->expected);

            return;
        }
        if ($value === null) {
            return;
        }
        $into = $item;
        foreach (array_slice($column->keys, 0, -1) as $key) {
            $into = $into->{$key} ??= new \stdClass();
        }
        $last = $column->keys[count($column->keys) - 1];
        if (isset($into->{$last}) && json_encode($into->{$last}) !== json_encode($value)) {
            $this->problems[] = new RowProblem($row, $place, $text, 'the same as in row ' . ($this->places[$at][0] + 1) . ', for it is one thing');

            return;
        }
        $into->{$last} = $value;
        $this->places[$at] ??= [$row, $place];
    }

    /** @param array<string, array{int, string, string|null}> $cells */
    private function member(ListPart $part, string $key, \stdClass $item, string $path, int $row, array $cells): void
    {
        $own = [];
        foreach ($part->columns as $column) {
            if (isset($cells[$column->name])) {
                $own[$column->name] = $cells[$column->name][1];
            }
        }
        if ($part->isOptional && ($own[$part->columns[0]->name] ?? '') === Cell::NONE) {
            $item->{$key} = [];

            return;
        }
        $isBelow = $this->saysOfParts($part, $cells);
        $number = $part->number() === null ? '' : $cells[$part->number()][1] ?? '';
        if ($own === [] && !$isBelow && $number === '') {
            return;
        }
        $list = $path . $key;
        [$last, $lastOwn] = $this->at[$list] ?? ['', []];
        $members = $item->{$key} ?? [];
        $isNew = match (true) {
            $members === [] => true,
            $number !== '' => $number !== $last,
            // Without a number its own cells tell: none, or once more the same, is one more row of it.
            $part->parts !== [] => $own !== [] && $own !== $lastOwn,
            default => true,
        };
        if ($isNew) {
            $members[] = new \stdClass();
            $item->{$key} = $members;
            $this->at[$list] = [$number, $own];
        } elseif ($own !== [] && $number === '') {
            $own = [];
        }
        $index = count($members) - 1;
        $below = $list . '/' . $index;
        $this->places[$below] ??= [$row, null];
        // What says the same once more is not put again.
        $said = $isNew || $own !== [] ? $cells : array_diff_key($cells, array_flip(array_column($part->columns, 'name')));
        $this->fill($part, $members[$index], $below . '/', $row, $said);
    }

    /** @param array<string, array{int, string, string|null}> $cells */
    private function saysOfParts(ListPart $part, array $cells): bool
    {
        foreach ($part->parts as $below) {
            foreach ($below->all() as $column) {
                if (isset($cells[$column->name])) {
                    return true;
                }
            }
        }

        return false;
    }
}
