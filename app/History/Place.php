<?php

declare(strict_types=1);

namespace App\History;

/** What a change is about: a thing of one of the workbook's lists, a line of a scope, or the order of a scope's lines. */
final readonly class Place
{
    public const LINES = 'lines';

    public const ORDER = 'order';

    public function __construct(
        /** A list of the workbook, or one of the two above. */
        public string $list,
        /** Of an order the scope's. */
        public string $id,
        /** Of a line the scope it is in. */
        public ?string $scope = null,
    ) {}

    public static function line(string $scope, string $id): self
    {
        return new self(self::LINES, $id, $scope);
    }

    public function isLine(): bool
    {
        return $this->list === self::LINES;
    }

    public function isOrder(): bool
    {
        return $this->list === self::ORDER;
    }

    /** "wires/w12", "lines/cabin/l1" */
    public function path(): string
    {
        return implode('/', array_filter([$this->list, $this->scope, $this->id], is_string(...)));
    }

    /** @return list<string> its path, and of a line that of all lines of its scope */
    public function about(): array
    {
        return $this->isLine() ? [$this->path(), self::LINES . '/' . $this->scope] : [$this->path()];
    }
}
