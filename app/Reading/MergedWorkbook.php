<?php

declare(strict_types=1);

namespace App\Reading;

use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookList;

/** A shop as it would be with a file brought into it: the file's things first, then those of the shop that it does not name. */
final readonly class MergedWorkbook
{
    public \stdClass $document;

    /** Whether the shop has nothing that the file does not name. */
    public bool $isTheFileAlone;

    /** @var array<string, array<string, int>> places in the file, by list and id */
    private array $brought;

    public function __construct(\stdClass $shop, \stdClass $file)
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
        $this->document = $document;
        $this->isTheFileAlone = $isTheFileAlone;
        $this->brought = $brought;
    }

    /** A problem of the whole, told where it comes from in the file that was brought. */
    public function inTheFile(Problem $problem): Problem
    {
        $steps = explode('/', $problem->path);
        $list = WorkbookList::tryFrom($steps[0]);
        $index = (int) ($steps[1] ?? 0);
        if ($list === null || $index < count($this->brought[$list->value])) {
            return $problem;
        }
        $item = $this->document->{$list->value}[$index];
        $part = ($steps[2] ?? '') === 'lines' ? $item->lines[(int) $steps[3]] : $item;
        $name = $list->one() . ' "' . $item->id . '"' . ($part === $item ? '' : ', line "' . $part->id . '"');

        return new Problem($this->causeOf($part), $problem->value, 'it would break ' . $name . ', which the shop has: ' . $problem->expected);
    }

    /** The place in the file of something that this part refers to. */
    private function causeOf(\stdClass $part): string
    {
        $refers = [
            [WorkbookList::Terminals, [$part->terminal ?? null]],
            [WorkbookList::Wires, [$part->wire ?? null, $part->wireB ?? null]],
            [WorkbookList::Tools, [...$part->requires ?? [], ...array_column($part->tools ?? [], 'tool')]],
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
