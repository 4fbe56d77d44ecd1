<?php

declare(strict_types=1);

namespace App\Reading;

use Gondrik\Core\Workbook\WorkbookList;

/**
 * What a question needs to know of a shop: ids by list, null for all, none where nothing is said. What is needed for these comes along:
 * the tools of a kit, what tools require, the wires and terminals of lines.
 */
final readonly class Needs
{
    /**
     * @param array<string, list<string>|null> $ids   by list
     * @param list<string>|null                $lines of the scopes
     * @param int|null                         $first of wires, terminals and tools each only so many
     */
    private function __construct(private array $ids, public ?array $lines = null, public ?int $first = null) {}

    public static function everything(): self
    {
        return new self(array_fill_keys(array_column(WorkbookList::cases(), 'value'), null));
    }

    /** @param list<string>|null ...$ids by list, "kits: [...]"; null for all */
    public static function of(?array ...$ids): self
    {
        $byList = [];
        foreach ($ids as $list => $ofList) {
            $byList[WorkbookList::from((string) $list)->value] = $ofList;
        }

        return new self($byList);
    }

    /** @param list<string>|null $lines of the scopes only these; null for all */
    public function withLines(?array $lines): self
    {
        return new self($this->ids, $lines, $this->first);
    }

    public function first(int $most): self
    {
        return new self($this->ids, $this->lines, $most);
    }

    /** @return list<string>|null null for all */
    public function ids(WorkbookList $list): ?array
    {
        return array_key_exists($list->value, $this->ids) ? $this->ids[$list->value] : [];
    }
}
