<?php

declare(strict_types=1);

namespace App\Workbook;

use App\Models\Shop;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Gondrik\Core\Workbook\WorkbookList;

/** Reads one thing that comes into a shop, by the codec and its schema, with the problems of an import. */
final readonly class ThingReader
{
    public function __construct(
        private ShopWorkbook $shops = new ShopWorkbook(),
        private WholeShop $whole = new WholeShop(),
        private WorkbookCodec $codec = new WorkbookCodec(),
    ) {}

    /**
     * @param \stdClass $item     as the workbook writes it
     * @param bool      $replaces whether the shop has one of its id, on which others may rest
     *
     * @throws InvalidWorkbook with every problem, below "wire", "kit" and so on
     */
    public function read(Shop $shop, WorkbookList $list, \stdClass $item, bool $replaces): Wire|Terminal|Tool|Kit|Scope
    {
        $named = $this->named($shop, $list, $item);
        $objects = new ObjectCodec();
        $document = ['gondrik' => 1];
        foreach ([WorkbookList::Wires, WorkbookList::Terminals, WorkbookList::Tools] as $other) {
            $document[$other->value] = array_map($objects->write(...), $other->of($named));
        }
        $id = $item->id ?? null;
        $others = array_filter($document[$list->value] ?? [], static fn(\stdClass $other): bool => $other->id !== $id);
        $document[$list->value] = [$item, ...array_values($others)];
        try {
            $coming = $this->codec->read(json_encode($document, JSON_THROW_ON_ERROR));
            // On kits and scopes nothing rests.
            if ($replaces && in_array($list, [WorkbookList::Wires, WorkbookList::Terminals, WorkbookList::Tools], true)) {
                $this->whole->refuseWhatBreaks($this->shops->whole($shop), $coming);
            }
        } catch (InvalidWorkbook $error) {
            throw new InvalidWorkbook(array_map(static fn(Problem $problem): Problem => self::told($list, $problem), $error->problems));
        }

        return $list->of($coming)[0];
    }

    private static function told(WorkbookList $list, Problem $problem): Problem
    {
        return new Problem(
            (string) preg_replace('~^' . $list->value . '/0(?=/|$)~', $list->one(), $problem->path),
            $problem->value,
            str_replace('of the workbook', 'of the shop', $problem->expected),
        );
    }

    private function named(Shop $shop, WorkbookList $list, \stdClass $item): Workbook
    {
        $of = static function (mixed $parts, string ...$keys): array {
            $ids = [];
            foreach (is_array($parts) ? $parts : [] as $part) {
                foreach ($keys as $key) {
                    $ids[] = $part instanceof \stdClass ? $part->{$key} ?? null : null;
                }
            }

            return self::ids($ids);
        };
        $lines = $item->lines ?? [];

        return match ($list) {
            WorkbookList::Wires, WorkbookList::Terminals => new Workbook(),
            WorkbookList::Tools => $this->shops->named($shop, [], [], self::ids(is_array($item->requires ?? null) ? $item->requires : [])),
            WorkbookList::Kits => $this->shops->named($shop, [], [], $of($item->tools ?? [], 'tool')),
            WorkbookList::Scopes => $this->shops->named($shop, $of($lines, 'wire', 'wireB'), $of($lines, 'terminal')),
        };
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
