<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Change as ChangeModel;
use App\Models\Shop;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Collection;
use Illuminate\Support\LazyCollection;

/** The one history of a shop: every change is an entry with who, when, before and after. */
final readonly class Journal
{
    /** So long everything is kept. */
    public const WHOLE_YEARS = 2;

    /** Whole entries that stand in memory together: one may hold a table of twenty thousand things. */
    private const AT_ONCE = 10;

    /**
     * Keeps an entry; to be called in the transaction of the change itself. Who it was is whoever is signed in.
     *
     * @param list<Change>         $changes
     * @param array<string, mixed> $more    besides the changes: the file of an import, the entry that was taken back
     * @param list<string>         $about   paths besides those of the changes
     *
     * @return int its number
     */
    public function keep(Shop $shop, Event $event, array $changes, array $more = [], array $about = []): int
    {
        $paths = array_values(array_unique([...array_merge(...array_map(static fn(Change $change): array => $change->place->about(), $changes)), ...$about]));
        $written = array_map(static fn(Change $change): array => $change->written(), $changes);
        $kept = activity()
            ->event($event->value)
            ->withProperties(['changes' => $written, ...$more])
            ->tap(static function (ChangeModel $entry) use ($shop, $paths, $written, $more): void {
                $entry->shop_id = $shop->id;
                $entry->setAttribute('shown', Shown::of($written, $more));
                // Ids need no quoting, as the schema sees to it.
                $entry->about = '{' . implode(',', $paths) . '}';
            })
            ->log($event->value);
        assert($kept instanceof ChangeModel);

        return $kept->id;
    }

    /** @throws ModelNotFoundException<ChangeModel> when the shop has no such entry */
    public function entry(Shop $shop, int $id): ChangeModel
    {
        return $this->of($shop)->whereKey($id)->firstOrFail();
    }

    /**
     * @return list<Change>
     *
     * @throws ModelNotFoundException<ChangeModel> when the shop has no such entry
     */
    public function changes(Shop $shop, int $id): array
    {
        return array_values(array_map(Change::read(...), $this->entry($shop, $id)->properties->changes));
    }

    /**
     * Whether an entry has changed what only the lead writes. Making a proposal is none of it, nor taking that back; what the lead does with one is.
     *
     * @throws ModelNotFoundException<ChangeModel> when the shop has no such entry
     */
    public function isForTheLead(Shop $shop, int $id): bool
    {
        $places = array_map(static fn(Change $change): Place => $change->place, $this->changes($shop, $id));
        $forTheLead = array_filter($places, static fn(Place $place): bool => $place->isForTheLead());
        $paths = array_map(static fn(Place $place): string => $place->path(), $forTheLead);
        $isMaking = in_array($this->entry($shop, $id)->event, [Event::Added->value, Event::Undone->value], true);
        $isProposal = static fn(Place $place): bool => $place->list === Place::PROPOSED
            ? in_array($place->scope . '/' . $place->id, $paths, true)
            : in_array(Place::PROPOSED . '/' . $place->path(), $paths, true);

        return array_filter($forTheLead, static fn(Place $place): bool => !$isMaking || !$isProposal($place)) !== [];
    }

    /**
     * @param int|null    $before only entries older than this one
     * @param string|null $about  path of what they are about
     *
     * @return Collection<int, ChangeModel> the newest first, each with who it was and what of it is shown, not with all that it keeps
     */
    public function page(Shop $shop, int $most, ?int $before = null, ?string $about = null): Collection
    {
        return $this->of($shop)
            ->when($before, static fn(Builder $entries, int $before): Builder => $entries->where('id', '<', $before))
            ->when($about, static fn(Builder $entries, string $about): Builder => $entries->whereRaw('about @> array[?]::text[]', [$about]))
            ->with('causer')->orderByDesc('id')->limit($most)->get(['id', 'event', 'shown', 'causer_id', 'causer_type', 'created_at']);
    }

    /** @return array{by: string|null, at: string}|null who changed it last, and when; null when the history does not know */
    public function last(Shop $shop, Place $place): ?array
    {
        $paths = '{' . implode(',', $place->about()) . '}';
        // An import names the scopes whose lines it brought, not every line.
        $entry = $this->of($shop)->with('causer')->whereRaw('about && ?::text[]', [$paths])
            ->where(static fn(Builder $entries): Builder => $entries->whereRaw('about @> array[?]::text[]', [$place->path()])->orWhere('event', Event::Imported->value))
            ->orderByDesc('id')->first(['id', 'causer_id', 'causer_type', 'created_at']);

        return $entry === null ? null : ['by' => $entry->causer?->name, 'at' => $entry->created_at->toIso8601ZuluString()];
    }

    /** @return LazyCollection<int, ChangeModel> the oldest first, each with who it was and all that it keeps */
    public function all(Shop $shop): LazyCollection
    {
        return $this->of($shop)->with('causer')->lazyById(self::AT_ONCE);
    }

    /**
     * Of what was before a moment, in every shop, only the last entry of each month stays that is about a thing.
     *
     * @return int how many went
     */
    public function thin(CarbonInterface $before): int
    {
        return (int) ChangeModel::query()->where('created_at', '<', $before)->where('about', '<>', '{}')
            ->whereRaw(<<<'SQL'
                not exists (
                    select 1 from unnest(changes.about) as path where not exists (
                        select 1 from changes as later
                        where later.shop_id = changes.shop_id and later.id > changes.id and later.about @> array[path]
                            and date_trunc('month', later.created_at at time zone 'UTC') = date_trunc('month', changes.created_at at time zone 'UTC')
                    )
                )
                SQL)
            ->delete();
    }

    /** @return Builder<ChangeModel> */
    private function of(Shop $shop): Builder
    {
        return ChangeModel::query()->where('shop_id', $shop->id);
    }
}
