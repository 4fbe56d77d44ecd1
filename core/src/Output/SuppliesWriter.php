<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Supplies\Supplies;
use Gondrik\Core\Supplies\Supply;
use Gondrik\Core\Supplies\TubeSizes;
use Gondrik\Core\Workbook\ObjectCodec;

/** Supplies as plain data. */
final readonly class SuppliesWriter
{
    public function __construct(private ObjectCodec $objects = new ObjectCodec()) {}

    /** @return array<string, mixed> */
    public function supplies(Supplies $supplies, bool $isExact): array
    {
        $purchase = $supplies->purchase;

        return [
            'on' => $supplies->on->plain(),
            'items' => array_map($this->item(...), $supplies->items),
            'boxes' => array_map(static fn(int|string $box, int $count): array => ['box' => (string) $box, 'count' => $count], array_keys($purchase->boxes()), array_values($purchase->boxes())),
            'cost' => $purchase->outlay->cents,
            'left' => $purchase->left,
            ...$isExact ? [] : ['status' => $purchase->isProven() ? 'optimal' : 'feasible', 'bound' => $purchase->bound],
            'sizes' => array_map(static fn(TubeSizes $of): array => ['sleeve' => $of->size->name, 'lined' => $of->size->isLined, 'lines' => $of->lines], $supplies->sizes),
            'unsized' => $supplies->unsized,
        ];
    }

    /** @return array<string, mixed> */
    public function item(Supply $item): array
    {
        return [
            'stock' => $item->stock?->id,
            'item' => $this->objects->write($item->item),
            'need' => $item->need,
            'have' => $item->have,
            'short' => $item->short,
            'reorderPoint' => $item->reorderPoint,
            'reorder' => $item->reorder,
            'runsOut' => $item->runsOut?->plain(),
            'buy' => array_map(static fn(array $bought): array => ['pack' => $bought[0]->name, 'count' => $bought[1]], $item->buy),
            'open' => $item->open,
        ];
    }
}
