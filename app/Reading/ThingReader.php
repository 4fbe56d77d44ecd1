<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Shop;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Gondrik\Core\Workbook\WorkbookList;

/**
 * Reads things that come into a shop, by the codec and its schema, with the problems of an import.
 *
 * @phpstan-import-type Thing from WorkbookList
 */
final readonly class ThingReader
{
    public function __construct(
        private ShopWorkbook $shops = new ShopWorkbook(),
        private WholeShop $whole = new WholeShop(),
        private WorkbookCodec $codec = new WorkbookCodec(),
    ) {}

    /**
     * @param non-empty-array<int, \stdClass> $items    of one list, as the workbook writes them
     * @param bool                            $replaces whether the shop has some of their ids, on which others may rest
     *
     * @return array<int, Thing> by the same keys
     *
     * @throws InvalidWorkbook with every problem, below "changes/KEY/wire", "changes/KEY/kit" and so on
     */
    public function read(Shop $shop, WorkbookList $list, array $items, bool $replaces): array
    {
        try {
            $coming = $this->coming($shop, $list, $items);
            // On kits, scopes and people nothing rests but that they are there.
            $ids = array_column(array_slice($list->of($coming), 0, count($items)), 'id');
            if ($replaces && in_array($list, [WorkbookList::Wires, WorkbookList::Terminals], true)) {
                $this->whole->refuseWhatBreaks($this->shops->madeWith($shop, $list, $ids), $coming);
            } elseif ($replaces && in_array($list, [WorkbookList::Tools, WorkbookList::Assets], true)) {
                $this->whole->refuseWhatBreaks($this->shops->logged($shop, $list, $ids), $coming);
            }
        } catch (InvalidWorkbook $error) {
            throw new InvalidWorkbook(array_map(static fn(Problem $problem): Problem => self::told($list, array_keys($items), $problem), $error->problems));
        }

        $things = array_combine(array_keys($items), array_slice($list->of($coming), 0, count($items)));
        self::refuseSecondStock($shop, $things);

        return $things;
    }

    /**
     * A draft that nobody writes, first in its list, and beside it what it names.
     *
     * @throws InvalidWorkbook as read() does
     */
    public function beside(Shop $shop, WorkbookList $list, \stdClass $item): Workbook
    {
        try {
            return $this->coming($shop, $list, [$item]);
        } catch (InvalidWorkbook $error) {
            throw new InvalidWorkbook(array_map(static fn(Problem $problem): Problem => self::told($list, [0], $problem), $error->problems));
        }
    }

    /**
     * A draft that nobody writes, of whose shape it is known that it is sound, for it was read before and only its sizes are others:
     * what dragging a bar changes.
     *
     * @return Thing
     *
     * @throws InvalidWorkbook as read() does
     */
    public function sketch(Shop $shop, WorkbookList $list, \stdClass $item): object
    {
        try {
            return $list->of($this->codec->readStored((object) $this->document($shop, $list, [$item])))[0];
        } catch (InvalidWorkbook $error) {
            throw new InvalidWorkbook(array_map(static fn(Problem $problem): Problem => self::told($list, [0], $problem), $error->problems));
        }
    }

    /**
     * @param array<int, \stdClass> $items
     *
     * @throws InvalidWorkbook
     */
    private function coming(Shop $shop, WorkbookList $list, array $items): Workbook
    {
        return $this->codec->read(json_encode($this->document($shop, $list, $items), JSON_THROW_ON_ERROR));
    }

    /**
     * @param array<int, \stdClass> $items
     *
     * @return array<string, mixed> with the items first in their list, and beside them what they name
     */
    private function document(Shop $shop, WorkbookList $list, array $items): array
    {
        $named = $this->named($shop, $list, $items);
        $objects = new ObjectCodec();
        $document = ['gondrik' => 1];
        $besides = match ($list) {
            WorkbookList::Kits, WorkbookList::Assets => [WorkbookList::Kits],
            WorkbookList::Boxes => [WorkbookList::Stock],
            WorkbookList::Stations => [WorkbookList::Kits],
            WorkbookList::Exercises => [WorkbookList::Kits, WorkbookList::People, WorkbookList::Stations, WorkbookList::Exercises, WorkbookList::Sessions],
            WorkbookList::Sessions => [WorkbookList::Kits, WorkbookList::People, WorkbookList::Stations, WorkbookList::Exercises],
            default => [],
        };
        foreach ([...WorkbookList::models(), ...$besides] as $other) {
            $document[$other->value] = array_map($objects->write(...), $other->of($named));
        }
        $ids = array_map(static fn(\stdClass $item): mixed => $item->id ?? null, $items);
        $others = array_filter($document[$list->value] ?? [], static fn(\stdClass $other): bool => !in_array($other->id, $ids, true));
        $document[$list->value] = [...array_values($items), ...array_values($others)];

        return $document;
    }

    /** @param list<int> $keys */
    private static function told(WorkbookList $list, array $keys, Problem $problem): Problem
    {
        $isOfThem = preg_match('~^' . $list->value . '/(\d+)(/.*)?$~sD', $problem->path, $at) === 1 && isset($keys[(int) $at[1]]);

        return new Problem(
            $isOfThem ? 'changes/' . $keys[(int) $at[1]] . '/' . $list->one() . ($at[2] ?? '') : $problem->path,
            $problem->value,
            str_replace('of the workbook', 'of the shop', $problem->expected),
        );
    }

    /** @param array<int, \stdClass> $items */
    private function named(Shop $shop, WorkbookList $list, array $items): Workbook
    {
        $parts = static function (string $key) use ($items): array {
            $lists = array_map(static fn(\stdClass $item): mixed => $item->{$key} ?? null, array_values($items));

            return array_merge(...array_map(static fn(mixed $parts): array => is_array($parts) ? $parts : [], $lists));
        };
        $of = static function (array $parts, string ...$keys): array {
            $ids = [];
            foreach ($parts as $part) {
                foreach ($keys as $key) {
                    $ids[] = $part instanceof \stdClass ? $part->{$key} ?? null : null;
                }
            }

            return self::ids($ids);
        };

        $required = $list === WorkbookList::Tools ? self::ids($parts('requires')) : [];

        return match ($list) {
            WorkbookList::Tools => $required === [] ? new Workbook() : $this->shops->named($shop, [], [], $required),
            WorkbookList::Kits => $this->shops->named($shop, [], [], $of($parts('tools'), 'tool'), self::ids([...$parts('shares'), ...array_map(static fn(\stdClass $item): mixed => $item->like ?? null, array_values($items))])),
            WorkbookList::Scopes => $this->shops->named($shop, $of($parts('lines'), 'wire', 'wireB'), $of($parts('lines'), 'terminal')),
            WorkbookList::Assets => $this->shops->named($shop, [], [], $of(array_values($items), 'tool'), $of(array_values($items), 'home')),
            WorkbookList::Stock => $this->shops->named($shop, [], $of(array_map(static fn(\stdClass $item): mixed => $item->item ?? null, array_values($items)), 'terminal')),
            WorkbookList::Boxes => $this->shops->read($shop, Needs::of(stock: $of($parts('holds'), 'stock'))),
            WorkbookList::Stations => $this->shops->named($shop, [], [], [], $of(array_values($items), 'kit')),
            // With the classes that have one of these: another station may leave it without one there.
            WorkbookList::Exercises => $this->shops->read($shop, Needs::of(people: self::ids($parts('people')), stations: self::ids($parts('stations')), exercises: self::ids($parts('after')), sessions: ClassRows::sessionsWith($shop, $of(array_values($items), 'id')))),
            WorkbookList::Sessions => $this->shops->read($shop, Needs::of(people: self::ids($parts('people')), stations: self::ids($parts('stations')), exercises: self::ids($parts('exercises')))),
            default => new Workbook(),
        };
    }

    /**
     * Of one item there is one stock in a shop.
     *
     * @param array<int, Thing> $things by the key of what comes
     *
     * @throws InvalidWorkbook
     */
    private static function refuseSecondStock(Shop $shop, array $things): void
    {
        $stocks = array_filter($things, static fn(object $thing): bool => $thing instanceof Stock);
        $ids = array_map(static fn(Stock $stock): string => $stock->id, $stocks);
        $keys = array_map(static fn(Stock $stock): string => $stock->item->key(), $stocks);
        $others = $stocks === [] ? [] : $shop->listed(WorkbookList::Stock->value)->whereIn('item_key', array_values($keys))->whereNotIn('code', array_values($ids))->pluck('name', 'item_key')->all();
        $problems = [];
        foreach ($keys as $index => $key) {
            if (isset($others[$key])) {
                $problems[] = new Problem('changes/' . $index . '/' . WorkbookList::Stock->one() . '/item', null, 'another item: the shop has a stock of this one already, ' . $others[$key]);
            }
        }
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
    }

    /**
     * @param array<mixed> $ids what is no id is told by the schema
     *
     * @return list<string>
     */
    private static function ids(array $ids): array
    {
        return array_values(array_unique(array_filter($ids, is_string(...))));
    }
}
