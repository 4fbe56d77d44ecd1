<?php

declare(strict_types=1);

namespace App\Reading;

use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookList;
use Gondrik\Core\Workbook\WorkbookReading;

/** A shop as it would be with a file brought into it: the file's things first, then those of the shop that it does not name. */
final readonly class MergedWorkbook
{
    public \stdClass $document;

    /** Whether the shop has nothing that the file does not name. */
    public bool $isTheFileAlone;

    /** @var array<string, array<string, int>> places in the file, by list and id */
    private array $brought;

    /** Entries of the shop's log, which stand before those of the file. */
    private int $logged;

    /** @var array<string, int> ids of entries that come */
    private array $comes;

    public function __construct(\stdClass $shop, private \stdClass $file)
    {
        $document = clone $file;
        $brought = [];
        $isTheFileAlone = true;
        foreach (WorkbookList::cases() as $list) {
            $items = $file->{$list->value} ?? [];
            $brought[$list->value] = array_flip(array_column($items, 'id'));
            foreach ($shop->{$list->value} ?? [] as $item) {
                if (!isset($brought[$list->value][$item->id])) {
                    $items[] = $item;
                    $isTheFileAlone = false;
                }
            }
            $document->{$list->value} = $items;
        }
        $this->logged = count($shop->log ?? []);
        $this->comes = array_flip(self::newIn($shop, $file));
        $entries = [...$shop->log ?? [], ...array_values(array_filter($file->log ?? [], fn(\stdClass $entry): bool => isset($this->comes[$entry->id])))];
        if ($entries !== []) {
            $document->log = $entries;
        }
        $this->document = $document;
        $this->isTheFileAlone = $isTheFileAlone && $this->logged === 0;
        $this->brought = $brought;
    }

    /**
     * What the file has in its log and the shop has not; what both have is the same in both (ImportPlan).
     *
     * @return list<string> ids, in the order of the file
     */
    public static function newIn(\stdClass $shop, \stdClass $file): array
    {
        return array_values(array_diff(array_column($file->log ?? [], 'id'), array_column($shop->log ?? [], 'id')));
    }

    /** A problem of the whole, told where it comes from in the file that was brought. */
    public function inTheFile(Problem $problem): Problem
    {
        $steps = explode('/', $problem->path);
        $list = WorkbookList::tryFrom($steps[0]);
        $index = (int) ($steps[1] ?? 0);
        if ($steps[0] === WorkbookReading::LOG) {
            return $this->entryInTheFile($problem, $index, array_slice($steps, 2));
        }
        if ($list === null || $index < count($this->brought[$list->value])) {
            return $problem;
        }
        $item = $this->document->{$list->value}[$index];
        $part = ($steps[2] ?? '') === 'lines' ? $item->lines[(int) $steps[3]] : $item;
        $name = $list->one() . ' "' . $item->id . '"' . ($part === $item ? '' : ', line "' . $part->id . '"');

        return new Problem($this->causeOf($part), $problem->value, 'it would break ' . $name . ', which the shop has: ' . $problem->expected);
    }

    /** @param list<string> $rest of its path */
    private function entryInTheFile(Problem $problem, int $index, array $rest): Problem
    {
        $entry = $this->document->log[$index];
        if ($index >= $this->logged) {
            return new Problem(implode('/', [WorkbookReading::LOG, array_search($entry->id, array_column($this->file->log, 'id'), true), ...$rest]), $problem->value, $problem->expected);
        }

        $asset = array_column($this->document->assets ?? [], null, 'id')[$entry->asset ?? ''] ?? null;

        return new Problem($this->causeOf((object) [...(array) $asset, ...(array) $entry]), $problem->value, 'it would break what happened on ' . $entry->on . ', which the shop has: ' . $problem->expected);
    }

    /** The place in the file of something that this part refers to. */
    private function causeOf(\stdClass $part): string
    {
        $refers = [
            [WorkbookList::Terminals, [$part->terminal ?? null, $part->item->terminal ?? null]],
            [WorkbookList::Stock, [$part->stock ?? null, ...array_column($part->holds ?? [], 'stock')]],
            [WorkbookList::Wires, [$part->wire ?? null, $part->wireB ?? null]],
            [WorkbookList::Assets, [$part->asset ?? null]],
            [WorkbookList::Tools, [$part->tool ?? null, ...$part->requires ?? [], ...array_column($part->tools ?? [], 'tool')]],
            [WorkbookList::Kits, [$part->home ?? null]],
        ];
        foreach ($refers as [$list, $ids]) {
            foreach ($ids as $id) {
                if ($id !== null && isset($this->brought[$list->value][$id])) {
                    return $list->value . '/' . $this->brought[$list->value][$id];
                }
            }
        }

        return '';
    }
}
