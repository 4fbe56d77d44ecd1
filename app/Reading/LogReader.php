<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Shop;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Gondrik\Core\Workbook\WorkbookReading;

/** Reads entries that come into a shop's log, by the codec and its schema, and with what the log says of the same things. */
final readonly class LogReader
{
    public function __construct(private ShopWorkbook $shops = new ShopWorkbook(), private WorkbookCodec $codec = new WorkbookCodec()) {}

    /**
     * @param non-empty-array<int, \stdClass> $items as the workbook writes them, in the order in which they are written down
     *
     * @return array<int, Entry> by the same keys
     *
     * @throws InvalidWorkbook with every problem, below "changes/KEY/entry"
     */
    public function read(Shop $shop, array $items): array
    {
        $this->refuseKnownIds($shop, $items);
        $known = $this->beside($shop, array_values($items));
        $document = $this->codec->toData($known);
        $before = count($known->register->log);
        $document->{WorkbookReading::LOG} = [...$document->{WorkbookReading::LOG} ?? [], ...array_values($items)];
        try {
            $entries = array_slice($this->codec->read(json_encode($document, JSON_THROW_ON_ERROR))->register->log, $before);
        } catch (InvalidWorkbook $error) {
            throw new InvalidWorkbook(array_map(static fn(Problem $problem): Problem => self::told($problem, $known, $items), $error->problems));
        }

        return array_combine(array_keys($items), $entries);
    }

    /** @param list<\stdClass> $items */
    private function beside(Shop $shop, array $items): Workbook
    {
        $named = static function (string ...$keys) use ($items): array {
            $ids = [];
            foreach ($items as $item) {
                foreach ($keys as $key) {
                    [$member, $inner] = [...explode('.', $key), null];
                    $value = $item->{$member} ?? null;
                    $ids[] = $inner === null ? $value : ($value instanceof \stdClass ? $value->{$inner} ?? null : null);
                }
            }

            // What is no id is told by the schema.
            return array_values(array_unique(array_filter($ids, static fn(mixed $id): bool => is_string($id) && preg_match('~^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$~D', $id) === 1)));
        };
        $voided = $named('entry');
        $things = $shop->logEntries()->whereIn('code', $voided)->whereNotNull('asset_id')->select('asset_id');
        $tags = array_map(strval(...), $shop->listed('assets')->whereIn('id', $things)->pluck('code')->all());

        return $this->shops->read($shop, Needs::of(
            wires: $named('wire'),
            terminals: $named('terminal'),
            stock: $named('stock'),
            tools: $named('tool'),
            kits: $named('to', 'to.kit'),
            people: $named('by', 'person', 'to.person'),
        )->withLogOf(array_values(array_unique([...$named('asset'), ...$tags])), $voided));
    }

    /**
     * @param array<int, \stdClass> $items
     *
     * @throws InvalidWorkbook
     */
    private function refuseKnownIds(Shop $shop, array $items): void
    {
        // What is no id is told by the schema.
        $ids = array_filter(array_map(static fn(\stdClass $item): mixed => $item->id ?? null, $items), is_string(...));
        $known = $shop->logEntries()->whereIn('code', array_values($ids))->pluck('code', 'code')->all();
        $problems = [];
        foreach ($ids as $key => $id) {
            if (isset($known[$id])) {
                $problems[] = new Problem('changes/' . $key . '/entry/id', $id, 'an id that no other entry of the shop has');
            }
        }
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
    }

    /** @param non-empty-array<int, \stdClass> $items */
    private static function told(Problem $problem, Workbook $known, array $items): Problem
    {
        $expected = str_replace('of the workbook', 'of the shop', $problem->expected);
        if (preg_match('~^' . WorkbookReading::LOG . '/(\d+)(/.*)?$~sD', $problem->path, $at) !== 1) {
            return new Problem($problem->path, $problem->value, $expected);
        }
        $keys = array_keys($items);
        $place = (int) $at[1] - count($known->register->log);
        if ($place >= 0) {
            return new Problem('changes/' . $keys[$place] . '/entry' . ($at[2] ?? ''), $problem->value, $expected);
        }
        // What is written of an earlier day can make untrue what the log has of a later one.
        $broken = $known->register->log[(int) $at[1]];
        $cause = array_keys(array_filter($items, static fn(\stdClass $item): bool => ($item->asset ?? null) === $broken->asset()?->id))[0] ?? $keys[0];

        return new Problem('changes/' . $cause . '/entry/on', $items[$cause]->on, 'a day that goes with what the log says of ' . $broken->on . ': that would have to be about ' . $expected);
    }
}
