<?php

declare(strict_types=1);

namespace App\Imports;

use App\History\Place;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookList;

/** What a workbook would do to what a shop has: add, change, leave. Nothing is ever removed. */
final readonly class ImportPlan
{
    /**
     * @param array<string, array{added: int, changed: int, left: int}> $counts  by list
     * @param array<string, array<string, string>>                      $touched by list and id: the canonical text that would be overwritten, "" for what is new
     */
    private function __construct(
        public array $counts,
        private array $touched,
        public bool $changesHouseRules,
        /** @var array<string, bool> entries of the log that would come, by id, and whether one is for the lead */
        private array $newEntries,
        /** Equal for plans that do the same to the same. */
        public string $hash,
    ) {}

    public static function between(Workbook $shop, Workbook $coming): self
    {
        $counts = [];
        $touched = [];
        foreach (WorkbookList::cases() as $list) {
            $has = self::written($list->of($shop));
            $comes = self::written($list->of($coming));
            $added = array_diff_key($comes, $has);
            $changed = array_filter(array_intersect_key($has, $comes), static fn(string $text, string $id): bool => $text !== $comes[$id], ARRAY_FILTER_USE_BOTH);
            $counts[$list->value] = ['added' => count($added), 'changed' => count($changed), 'left' => count($has) - count($changed)];
            $touched[$list->value] = array_fill_keys(array_keys($added), '') + $changed;
        }
        // What has happened is only ever added to: that two tell one thing in two ways is refused before (WholeShop).
        $known = array_fill_keys(array_map(self::key(...), $shop->register->log), true);
        $newEntries = [];
        foreach ($coming->register->log as $entry) {
            $newEntries += isset($known[self::key($entry)]) ? [] : [self::key($entry) => $entry::what()->setsRight()];
        }
        $counts[Place::LOG] = ['added' => count($newEntries), 'changed' => 0, 'left' => count($known)];
        // A workbook that says nothing of house rules leaves them as they are.
        $rules = $shop->houseRules === null ? '' : self::text($shop->houseRules);
        $changesHouseRules = $coming->houseRules !== null && self::text($coming->houseRules) !== $rules;

        return new self($counts, $touched, $changesHouseRules, $newEntries, hash('sha256', serialize([$touched, $changesHouseRules ? $rules : null, array_keys($newEntries)])));
    }

    public function touches(WorkbookList $list, string $id): bool
    {
        return isset($this->touched[$list->value]['#' . $id]);
    }

    public function brings(Entry $entry): bool
    {
        return isset($this->newEntries[self::key($entry)]);
    }

    /** Whether something would be written that stays, whatever is taken back. */
    public function bringsEntries(): bool
    {
        return $this->newEntries !== [];
    }

    /** Whether it would write what only the lead of a shop writes: wires, terminals, tools, house rules, and that something is voided or cleared. */
    public function isForTheLead(): bool
    {
        if (in_array(true, $this->newEntries, true)) {
            return true;
        }
        foreach (WorkbookList::models() as $list) {
            if ($this->touched[$list->value] !== []) {
                return true;
            }
        }

        return $this->changesHouseRules;
    }

    /** @return list<string> paths of what it would write ("wires/w12"), of scopes with all their lines */
    public function paths(): array
    {
        $paths = [];
        foreach (WorkbookList::cases() as $list) {
            foreach (array_keys($this->touched[$list->value]) as $id) {
                // Ids are kept with a mark before them, so that one of digits alone stays text.
                $path = $list->value . '/' . substr((string) $id, 1);
                $paths = [...$paths, $path, ...$list === WorkbookList::Scopes ? ['lines/' . substr((string) $id, 1)] : []];
            }
        }

        return $paths;
    }

    public function changesNothing(): bool
    {
        return !$this->changesHouseRules && !$this->bringsEntries() && array_filter($this->touched) === [];
    }

    /**
     * @param list<object> $things
     *
     * @return array<string, string> canonical text by id
     */
    private static function written(array $things): array
    {
        $written = [];
        foreach ($things as $thing) {
            $item = (new ObjectCodec())->write($thing);
            // An id of digits alone must stay text.
            $written['#' . $item->id] = json_encode($item, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        }

        return $written;
    }

    /** An id of digits alone must stay text. */
    private static function key(Entry $entry): string
    {
        return '#' . $entry->id;
    }

    private static function text(object $thing): string
    {
        return json_encode((new ObjectCodec())->write($thing), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
