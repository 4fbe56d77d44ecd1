<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Listing\DecimalSign;
use Gondrik\Core\Planning\Awaited;
use Gondrik\Core\Stock\Box;
use Gondrik\Core\Stock\BoxPart;
use Gondrik\Core\Supplies\FirstOrder;
use Gondrik\Core\Supplies\Supplies;
use Gondrik\Core\Wording\ItemName;

/**
 * What to buy, as one table: packs in the order of the shelf, divided boxes with what is in them, what is short and has no
 * pack yet, then the tools that kits wait for.
 */
final readonly class OrderTable
{
    /**
     * @param list<Box>     $boxes of the shop
     * @param list<Awaited> $tools that are bought with them
     *
     * @return non-empty-list<list<string>> the names of the columns, then a row for each package
     */
    public static function of(Supplies $supplies, array $boxes, array $tools = [], DecimalSign $sign = DecimalSign::Point): array
    {
        $rows = [];
        foreach ($supplies->items as $item) {
            $unit = $item->item->sleeve === null ? 'pieces' : 'mm';
            foreach ($item->buy as [$pack, $count]) {
                $rows[] = [ItemName::of($item->item), $pack->name, (string) $count, $pack->pieces * $count . ' ' . $unit, self::money($pack->price, $sign), self::money($pack->price * $count, $sign)];
            }
        }
        $known = array_column($boxes, null, 'id');
        foreach ($supplies->purchase->boxes() as $id => $count) {
            $box = $known[$id];
            $holds = implode('; ', array_map(static fn(BoxPart $part): string => $part->pieces . ' × ' . ItemName::of($part->stock->item), $box->holds));
            $rows[] = [$box->name, $holds, (string) $count, array_sum(array_column($box->holds, 'pieces')) * $count . ' pieces', self::money($box->price, $sign), self::money($box->price * $count, $sign)];
        }

        foreach ($supplies->items as $item) {
            if ($item->open > 0) {
                $rows[] = [ItemName::of($item->item), 'no pack known: to be asked for', '', FirstOrder::of($item->item, $item->open) . ($item->item->sleeve === null ? ' pieces' : ' mm'), '', ''];
            }
        }
        foreach ($tools as $tool) {
            $cost = self::money($tool->cents, $sign);
            $rows[] = [$tool->name, $tool->wanted === '' ? 'tool' : 'tool: ' . $tool->wanted, '1', 'for ' . $tool->kit, $cost, $cost];
        }

        return [['item', 'package', 'count', 'brings', 'each', 'cost'], ...$rows];
    }

    public static function money(int $cents, DecimalSign $sign = DecimalSign::Point): string
    {
        return $sign->written(sprintf('%d.%02d', intdiv($cents, 100), $cents % 100));
    }
}
