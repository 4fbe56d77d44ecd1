<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

/**
 * Reads things of one list by themselves, by the same schema and codec as a workbook; what is wrong with one does not touch another.
 *
 * @phpstan-import-type Thing from WorkbookList
 */
final readonly class ListCodec
{
    public function __construct(private ApartReading $apart = new ApartReading()) {}

    /**
     * @param array<int, \stdClass> $items  as the workbook writes them, each with its id; by whatever key the caller has
     * @param Workbook              $others that they may name; those of the same list and id are replaced
     *
     * @return array{array<int, Thing>, array<int, list<Problem>>} the sound ones, and of the others every problem, with its path below the item; by the same keys
     *
     * @throws InvalidWorkbook when it is not about an item: the whole is too large
     */
    public function read(WorkbookList $list, array $items, Workbook $others): array
    {
        $objects = new ObjectCodec();
        $ids = array_flip(array_filter(array_map(static fn(\stdClass $item): ?string => is_string($item->id ?? null) ? $item->id : null, $items), is_string(...)));
        $beside = [];
        // A thing lives in a kit.
        foreach ([...WorkbookList::models(), ...$list === WorkbookList::Assets ? [WorkbookList::Kits] : []] as $other) {
            $kept = array_filter($other->of($others), static fn(object $thing): bool => $other !== $list || !isset($ids[$thing->id]));
            $beside[$other->value] = array_map($objects->write(...), array_values($kept));
        }

        /** @var array{array<int, Thing>, array<int, list<Problem>>} $read */
        $read = $this->apart->read(
            $items,
            static fn(array $items): array => [...$beside, $list->value => [...$items, ...$beside[$list->value] ?? []]],
            $list->value,
            $list->of(...),
        );

        return $read;
    }
}
