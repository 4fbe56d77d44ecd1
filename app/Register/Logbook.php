<?php

declare(strict_types=1);

namespace App\Register;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\Shop;
use App\Writing\EntryId;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;

/** Writes down what has happened, one entry or many at once: all of them or none. */
final readonly class Logbook
{
    public function __construct(private ShopStore $store, private ShopChanges $changes) {}

    /**
     * @param non-empty-list<\stdClass> $items as the workbook writes entries; without an id each gets one, without a day it is today
     *
     * @throws InvalidWorkbook with every problem, below "entries/N"
     */
    public function write(Shop $shop, array $items): Written
    {
        $today = now()->toDateString();
        $problems = [];
        foreach ($items as $index => $item) {
            $item->id ??= EntryId::next();
            $item->on ??= $today;
            if (is_string($item->on) && preg_match('~^\d{4}-\d{2}-\d{2}$~D', $item->on) === 1 && $item->on > $today) {
                $problems[] = new Problem('entries/' . $index . '/on', $item->on, 'today, ' . $today . ', or an earlier day: what has not happened yet is not written down');
            }
        }
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
        try {
            return $this->store->change($shop, fn(Shop $locked): Written => $this->changes->write($locked, Event::Happened, array_map(
                static fn(\stdClass $item): Change => new Change(new Place(Place::LOG, is_string($item->id) ? $item->id : ''), null, $item),
                $items,
            )));
        } catch (InvalidWorkbook $error) {
            throw $error->seenFrom(static fn(string $path): string => (string) preg_replace('~^changes/(\d+)/entry~', 'entries/$1', $path));
        }
    }
}
