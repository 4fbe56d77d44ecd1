<?php

declare(strict_types=1);

namespace App\Lines;

use Gondrik\Core\Sheet\Column;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;

/** What somebody wants of one line: a new one, another content, some cells of it, or that it goes. */
final readonly class LineEdit
{
    /** @param array<string, string> $cells text by column, as it was typed or pasted */
    private function __construct(
        /** Of a line that is there; null for a new one. */
        public ?string $id,
        public ?string $version,
        public ?\stdClass $line,
        public array $cells,
        /** Of a new one: id of the line before it, "" for the first place, null for the end. */
        public ?string $after,
        public bool $isRemoval = false,
    ) {}

    public static function adding(\stdClass $line, ?string $after): self
    {
        return new self(null, null, $line, [], $after);
    }

    public static function replacing(string $id, string $version, \stdClass $line): self
    {
        return new self($id, $version, $line, [], null);
    }

    public static function removing(string $id, string $version): self
    {
        return new self($id, $version, null, [], null, isRemoval: true);
    }

    /**
     * @param mixed  $data {line, after?} or {cells, after?} for a new one; {id, version, line} or {id, version, cells}; {id, version, line: null} takes it out
     * @param string $path of it, for problems
     *
     * @throws InvalidWorkbook
     */
    public static function read(mixed $data, string $path): self
    {
        $refuse = static fn(string $below, mixed $value, string $expected): InvalidWorkbook => new InvalidWorkbook([new Problem($path . $below, $value, $expected)]);
        if (!$data instanceof \stdClass) {
            throw $refuse('', null, 'must be an object with a line or cells');
        }
        $unknown = array_diff(array_keys(get_object_vars($data)), ['id', 'version', 'line', 'cells', 'after']);
        if ($unknown !== []) {
            throw $refuse('/' . reset($unknown), null, 'is not a key here');
        }
        $text = static fn(string $key): ?string => match (true) {
            !isset($data->{$key}) => null,
            is_string($data->{$key}) => $data->{$key},
            default => throw $refuse('/' . $key, $data->{$key}, 'must be text'),
        };
        [$id, $version, $after] = [$text('id'), $text('version'), $text('after')];
        if ($id !== null && $version === null) {
            throw $refuse('/version', null, 'the version of the line that was seen');
        }
        $line = $data->line ?? null;
        if ($line === null && !isset($data->cells)) {
            return $id !== null && $version !== null && property_exists($data, 'line') ? self::removing($id, $version) : throw $refuse('/line', null, 'a line, or cells');
        }
        if ($line !== null && !$line instanceof \stdClass) {
            throw $refuse('/line', null, 'must be an object');
        }
        $given = $data->cells ?? new \stdClass();
        if (!$given instanceof \stdClass) {
            throw $refuse('/cells', is_scalar($given) ? $given : null, 'must be an object of cells by their column');
        }
        $cells = [];
        foreach (get_object_vars($given) as $column => $cell) {
            if (Column::tryFrom((string) $column)?->isKey() !== true) {
                throw $refuse('/cells/' . $column, null, 'is no column of a line');
            }
            $cells[(string) $column] = is_string($cell) ? $cell : throw $refuse('/cells/' . $column, $cell, 'must be text');
        }

        return new self($id, $version, $line, $cells, $after);
    }
}
