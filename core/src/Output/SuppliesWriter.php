<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Planning\Awaited;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Stock\Box;
use Gondrik\Core\Stock\BoxPart;
use Gondrik\Core\Stock\StockItem;
use Gondrik\Core\Supplies\FirstOrder;
use Gondrik\Core\Supplies\Supplies;
use Gondrik\Core\Supplies\Supply;
use Gondrik\Core\Supplies\TubeSizes;
use Gondrik\Core\Wording\ItemName;
use Gondrik\Core\Wording\LineName;
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

    /**
     * The same for somebody who looks at the shelf: everything by name, and how it looks.
     *
     * @param list<Scope>        $scopes    that were asked about
     * @param array<string, int> $times     how many times each is made, where that is not once
     * @param list<Box>          $boxes     of the shop
     * @param bool               $withCosts what packs cost, and so what to buy, is not for everybody
     * @param list<Awaited>      $tools     that are bought with what is short
     *
     * @return array<string, mixed>
     */
    public function shelf(Supplies $supplies, array $scopes, array $times, array $boxes, bool $withCosts, array $tools = []): array
    {
        $purchase = $supplies->purchase;
        $bought = $purchase->boxes();
        $names = [];
        foreach ($scopes as $scope) {
            foreach ($scope->whole()->lines as $line) {
                $names[$scope->id . '/' . $line->id] = $scope->name . ': ' . LineName::of($line);
            }
        }
        $named = static fn(array $lines): array => array_map(static fn(string $line): string => $names[$line], $lines);

        return [
            'on' => $supplies->on->plain(),
            'scopes' => array_map(static fn(Scope $scope): array => ['id' => $scope->id, 'name' => $scope->name, 'times' => $times[$scope->id] ?? 1], $scopes),
            'items' => array_map(fn(Supply $item): array => $this->told($item, $withCosts), $supplies->items),
            'sizes' => array_map(static fn(TubeSizes $of): array => ['name' => ItemName::of(StockItem::ofTube($of->size)), 'expanded' => $of->size->expanded, 'recovered' => $of->size->recovered, 'lines' => $named($of->lines)], $supplies->sizes),
            'unsized' => $named($supplies->unsized),
            'order' => !$withCosts ? null : [
                'boxes' => array_values(array_map(static fn(Box $box): array => [
                    'id' => $box->id,
                    'name' => $box->name,
                    'price' => $box->price,
                    'count' => $bought[$box->id],
                    'holds' => array_map(static fn(BoxPart $part): array => ['name' => ItemName::of($part->stock->item), 'pieces' => $part->pieces], $box->holds),
                ], array_filter($boxes, static fn(Box $box): bool => isset($bought[$box->id])))),
                'tools' => array_map(static fn(Awaited $tool): array => ['name' => $tool->name, 'wanted' => $tool->wanted, 'kit' => $tool->kit, 'cost' => $tool->cents], $tools),
                'cost' => $purchase->outlay->cents,
                'total' => $purchase->outlay->cents + Awaited::cost($tools),
                'left' => $purchase->left,
                'packages' => $purchase->outlay->packages,
                'packByPack' => $supplies->packByPack(),
                'isProven' => $purchase->isProven(),
                'bound' => $purchase->bound,
            ],
        ];
    }

    /**
     * @param list<Supply> $wanting
     *
     * @return list<array<string, mixed>>
     */
    public static function wanting(array $wanting): array
    {
        return array_map(static fn(Supply $item): array => [
            'stock' => $item->stock?->id,
            'name' => ItemName::of($item->item),
            'unit' => self::unit($item),
            'have' => $item->have,
            'short' => $item->short,
            'reorder' => $item->reorder,
            'runsOut' => $item->runsOut?->plain(),
        ], $wanting);
    }

    private static function unit(Supply $item): string
    {
        return $item->item->sleeve === null ? 'pieces' : 'mm';
    }

    /** @return array<string, mixed> */
    private function told(Supply $item, bool $withCosts): array
    {
        $terminal = $item->item->terminal;
        $tube = $item->item->tube();

        return [
            ...array_diff_key($this->item($item), ['buy' => null]),
            'name' => ItemName::of($item->item),
            'key' => $item->item->key(),
            'unit' => self::unit($item),
            'looks' => match (true) {
                $terminal !== null => ['class' => $terminal->class->value, 'shape' => $terminal->shape, 'nest' => $terminal->nest, 'stud' => $terminal->stud?->written, 'size' => $terminal->size->written],
                $tube !== null => ['expanded' => $tube->expanded, 'recovered' => $tube->recovered, 'lined' => $tube->isLined],
                default => null,
            },
            'perWeek' => $item->stock->perWeek ?? 0.0,
            'leadDays' => $item->stock->leadDays ?? 0,
            'note' => $item->stock?->note,
            'countedOn' => $item->countedOn?->plain(),
            'rests' => $item->rests(),
            'reserve' => $item->reserve,
            'book' => $item->book,
            'firstOrder' => $item->open === 0 ? 0 : FirstOrder::of($item->item, $item->open),
            'brought' => $withCosts ? $item->brought : 0,
            'lasts' => $item->lasts?->plain(),
            'buy' => !$withCosts ? [] : array_map(static fn(array $bought): array => ['pack' => $bought[0]->name, 'pieces' => $bought[0]->pieces, 'price' => $bought[0]->price, 'count' => $bought[1]], $item->buy),
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
