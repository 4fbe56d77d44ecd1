<?php

declare(strict_types=1);

namespace App\Reading;

use Gondrik\Core\Log\What;
use Gondrik\Core\Workbook\WorkbookList;

/**
 * What a question needs to know of a shop: ids by list, null for all, none where nothing is said. What is needed for these comes along:
 * the tools of a kit, what tools require, the wires and terminals of lines.
 */
final readonly class Needs
{
    /**
     * @param array<string, list<string>|null> $ids     by list
     * @param list<string>|null                $lines   of the scopes
     * @param int|null                         $first   of wires, terminals and tools each only so many
     * @param list<string>|null                $log     what has happened to these things, by their tags; null for everything that has happened
     * @param list<string>                     $entries of the log besides
     * @param list<What>                       $kinds   and all that has happened of these kinds
     */
    private function __construct(private array $ids, public ?array $lines = null, public ?int $first = null, public ?array $log = [], public array $entries = [], public array $kinds = []) {}

    public static function everything(): self
    {
        return new self(array_fill_keys(array_column(WorkbookList::cases(), 'value'), null), log: null);
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
        return new self($this->ids, $lines, $this->first, $this->log, $this->entries, $this->kinds);
    }

    public function first(int $most): self
    {
        return new self($this->ids, $this->lines, $most, $this->log, $this->entries, $this->kinds);
    }

    /** With what is to be known of any day: every thing, every kit behind those that are asked for, and all that has happened. */
    public function withRegister(): self
    {
        return new self([...$this->ids, WorkbookList::People->value => null, WorkbookList::Assets->value => null], $this->lines, $this->first, log: null, kinds: $this->kinds);
    }

    /**
     * With what has happened to some things, and with some entries besides.
     *
     * @param list<string> $assets  by their tags
     * @param list<string> $entries
     */
    public function withLogOf(array $assets, array $entries = []): self
    {
        return new self([...$this->ids, WorkbookList::Assets->value => $assets], $this->lines, $this->first, $assets, $entries, $this->kinds);
    }

    /** With everybody and what they can do. */
    public function withSkills(): self
    {
        return new self([...$this->ids, WorkbookList::People->value => null], $this->lines, $this->first, $this->log, $this->entries, [...$this->kinds, What::Skill, What::Practice]);
    }

    /** With all that is on the shelf, and what came and went of it. */
    public function withSupplies(): self
    {
        return new self([...$this->ids, WorkbookList::Stock->value => null, WorkbookList::Boxes->value => null], $this->lines, $this->first, $this->log, $this->entries, [...$this->kinds, What::Counted, What::Received, What::Used]);
    }

    /** With what the shop has timed. */
    public function withTimes(): self
    {
        return new self($this->ids, $this->lines, $this->first, $this->log, $this->entries, [...$this->kinds, What::Timed]);
    }

    /** @return list<string>|null null for all */
    public function ids(WorkbookList $list): ?array
    {
        return array_key_exists($list->value, $this->ids) ? $this->ids[$list->value] : [];
    }
}
