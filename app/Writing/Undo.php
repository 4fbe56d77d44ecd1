<?php

declare(strict_types=1);

namespace App\Writing;

use App\History\Change;
use App\History\Event;
use App\History\Journal;
use App\History\Place;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Log\What;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Takes an entry of the history back, as long as everything is still as it left it; that is an entry of its own. */
final readonly class Undo
{
    public function __construct(private ShopStore $store, private ShopChanges $changes, private ShopWorkbook $shops, private Journal $journal) {}

    /**
     * @throws ModelNotFoundException<\App\Models\Change> when the shop has no such entry
     * @throws ConflictHttpException                      when it cannot be taken back this way
     * @throws ChangedMeanwhile                           when something of it has been changed since
     * @throws InUse                                      when something that it added is used by now
     */
    public function undo(Shop $shop, int $entry): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($entry): Written {
            $changes = $this->journal->changes($locked, $entry);
            if ($changes === []) {
                throw new ConflictHttpException('This is taken back where files are brought in.');
            }
            $present = $this->changes->presentAll($locked, array_map(static fn(Change $change): Place => $change->place, $changes));
            foreach ($changes as $change) {
                $this->refuseWhatHasChanged($locked, $change, $present[$change->place->path()] ?? null);
            }
            try {
                return $this->changes->write($locked, Event::Undone, array_map(fn(Change $change): Change => $change->place->isEntry() ? $this->voiding($locked, $change) : $change->inverse(), $changes), ['undoes' => $entry]);
            } catch (InvalidWorkbook $error) {
                throw new ChangedMeanwhile('It can no longer be taken back: ' . $error->problems[0]->expected . '.');
            }
        });
    }

    /** What has happened is not taken away: an entry is voided, and what a void took out is written down once more. */
    private function voiding(Shop $shop, Change $change): Change
    {
        $entry = $change->after ?? throw new \LogicException('an entry of the log does not go');
        $fresh = EntryId::next();
        $voided = ($entry->what ?? null) === What::Void->value ? $shop->logEntries()->where('code', $entry->entry)->firstOrFail() : null;
        $after = $voided === null
            ? (object) ['id' => $fresh, 'on' => now()->toDateString(), 'what' => What::Void->value, 'entry' => $change->place->id]
            : (object) [...(array) json_decode($voided->entry, flags: JSON_THROW_ON_ERROR), 'id' => $fresh];

        return new Change(new Place(Place::LOG, $fresh), null, $after);
    }

    /** @param \stdClass|null $present as it is now; the lines of a scope have versions of their own */
    private function refuseWhatHasChanged(Shop $shop, Change $change, ?\stdClass $present): void
    {
        if ($change->place->isOrder()) {
            $left = $change->after->lines ?? [];
            if (array_values(array_intersect($this->shops->order($shop, $change->place->id), $left)) !== $left) {
                throw new ChangedMeanwhile('The lines have been put into another order since.');
            }

            return;
        }
        $isSame = $present === null || $change->after === null ? $present === $change->after : Version::of($present) === Version::of($change->after);
        if (!$isSame) {
            throw new ChangedMeanwhile('"' . $change->place->id . '" has been changed since; taking this back would undo that too.');
        }
    }
}
