<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Stock\StockItem;
use Gondrik\Core\Supplies\Supplies;
use Gondrik\Core\Supplies\Supply;
use Gondrik\Core\Wording\ItemName;
use Gondrik\Core\Wording\Words;

/** Supplies to be read in a terminal: what is short first, then what runs out. */
final readonly class TextSupplies
{
    /**
     * @param array<string, string> $boxes names by id
     *
     * @return list<string>
     */
    public static function lines(Supplies $supplies, array $boxes): array
    {
        $short = array_filter($supplies->items, static fn(Supply $item): bool => $item->short > 0);
        $rest = array_filter($supplies->items, static fn(Supply $item): bool => $item->short === 0);
        $bought = [];
        foreach ($supplies->purchase->boxes() as $box => $count) {
            $bought[] = '  ' . $count . ' × ' . $boxes[$box];
        }
        $lines = [
            $short === [] ? 'Nothing is short on ' . $supplies->on . '.' : Words::counted(count($short), 'item') . ' short on ' . $supplies->on . ':',
            ...array_map(self::item(...), array_values($short)),
            ...$bought === [] ? [] : ['Divided boxes:', ...$bought],
            ...$supplies->purchase->outlay->packages === 0 ? [] : [sprintf('Comes to %.2f, %d pieces more than are short.', $supplies->purchase->outlay->cents / 100, $supplies->purchase->left)],
            ...$rest === [] ? [] : ['Enough:', ...array_map(self::item(...), array_values($rest))],
        ];
        foreach ($supplies->sizes as $size) {
            $lines[] = ItemName::of(StockItem::ofTube($size->size)) . ' serves ' . implode(', ', $size->lines);
        }

        return [...$lines, ...$supplies->unsized === [] ? [] : ['No tube is known for ' . implode(', ', $supplies->unsized)]];
    }

    private static function item(Supply $item): string
    {
        $parts = [
            'need ' . $item->need . ($item->item->sleeve === null ? '' : ' mm') . ', have ' . $item->have,
            ...$item->short === 0 ? [] : ['short ' . $item->short],
            ...array_map(static fn(array $bought): string => 'buy ' . $bought[1] . ' × ' . $bought[0]->name, $item->buy),
            ...$item->open === 0 ? [] : [$item->stock === null ? 'no stock is kept of it' : 'in no pack and no box'],
            ...$item->runsOut === null ? [] : ['runs out on ' . $item->runsOut],
            ...$item->reorder ? ['time to order'] : [],
        ];

        return '  ' . ItemName::of($item->item) . ': ' . implode('; ', $parts);
    }
}
