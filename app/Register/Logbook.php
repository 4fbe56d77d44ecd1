<?php

declare(strict_types=1);

namespace App\Register;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\Shop;
use App\Models\User;
use App\Writing\EntryId;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Log\Level;
use Gondrik\Core\Log\What;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Support\Facades\Auth;

/** Writes down what has happened, one entry or many at once: all of them or none. */
final readonly class Logbook
{
    public function __construct(private ShopStore $store, private ShopChanges $changes) {}

    /**
     * @param non-empty-list<\stdClass> $items         as the workbook writes entries; without an id each gets one, without a day it is today
     * @param bool                      $wantsEvidence a sign-off says by what, and why it is taken back: not asked of what was written long ago elsewhere
     *
     * @throws InvalidWorkbook with every problem, below "entries/N"
     */
    public function write(Shop $shop, array $items, bool $wantsEvidence = false): Written
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
        $problems = [...$problems, ...self::unsupported($shop, $items, $wantsEvidence)];
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

    /**
     * A sign-off goes by what was seen, and is taken back for a reason; nobody writes their own, whoever is named as having said it.
     *
     * @param non-empty-list<\stdClass> $items
     *
     * @return list<Problem>
     */
    private static function unsupported(Shop $shop, array $items, bool $wantsEvidence): array
    {
        $user = Auth::user();
        $self = $user instanceof User && $user->shop_id === $shop->id ? $user->personCode() : null;
        $problems = [];
        foreach ($items as $index => $item) {
            if (($item->what ?? null) !== What::Skill->value) {
                continue;
            }
            if ($self !== null && ($item->person ?? null) === $self) {
                $problems[] = new Problem('entries/' . $index . '/person', $self, 'somebody else: what you can do is written down by another person');
            }
            $wanted = match ($item->level ?? null) {
                Level::SignedOff->value => 'what was seen: a sign-off goes by evidence',
                Level::Withdrawn->value => 'a reason: a sign-off is not taken back without one',
                default => null,
            };
            if ($wantsEvidence && $wanted !== null && (!is_string($item->note ?? null) || trim($item->note) === '')) {
                $problems[] = new Problem('entries/' . $index . '/note', null, $wanted);
            }
        }

        return $problems;
    }
}
