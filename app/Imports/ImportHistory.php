<?php

declare(strict_types=1);

namespace App\Imports;

use App\History\Event;
use App\History\Journal;
use App\History\Place;
use App\Models\Import;
use App\Models\Shop;
use App\Models\User;
use App\Reading\ShopWorkbook;
use App\Writing\Belongings;
use App\Writing\ChangedMeanwhile;
use App\Writing\InUse;
use App\Writing\ShopStore;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\RulesCodec;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Applies imports so that they can be taken back, and takes them back. */
final readonly class ImportHistory
{
    public function __construct(
        private WorkbookImport $importer,
        private ShopWorkbook $shops,
        private WorkbookCodec $codec,
        private ShopStore $store,
        private Journal $journal,
        private Belongings $belongings,
    ) {}

    /**
     * A dry run, kept until it is applied.
     *
     * @return array{Import, ImportPlan}
     *
     * @throws InvalidWorkbook with every problem of the file, and of the shop with the file in it
     */
    public function bring(Shop $shop, User $by, string $fileName, string $content): array
    {
        $plan = $this->importer->plan($shop, $this->codec->read($content));
        self::refuseModels($by, $plan);
        $import = $shop->imports()->create(['user_id' => $by->id, 'file_name' => $fileName, 'content' => $content, 'plan_hash' => $plan->hash]);

        return [$import, $plan];
    }

    /**
     * @throws InvalidWorkbook  when it no longer goes together with what the shop has; then nothing has changed
     * @throws ChangedMeanwhile when it would do something else than what was shown
     */
    public function apply(Shop $shop, Import $import, User $by): ImportPlan
    {
        return $this->store->change($shop, function (Shop $locked) use ($import, $by): ImportPlan {
            $import->refresh();
            $workbook = $this->codec->read($import->content);
            $plan = $this->importer->plan($locked, $workbook);
            if (!$plan->changesNothing() && $plan->hash !== $import->plan_hash) {
                throw new ChangedMeanwhile('The shop has changed since this file was looked at, and it would do something else now: bring it again.');
            }
            self::refuseModels($by, $plan);
            $before = $this->text($locked);
            $this->importer->apply($locked, $workbook);
            if (!$plan->changesNothing()) {
                $after = $this->text($locked);
                $import->update(['before' => $before, 'after_hash' => self::hash($after), 'undone_at' => null, 'undone_by' => null]);
                $rules = $this->rulesChanged($before, $after);
                $this->journal->keep($locked, Event::Imported, [], ['import' => $import->id, 'file' => $import->file_name, 'counts' => $plan->counts, ...$rules], ['imports/' . $import->id, ...$plan->paths(), ...self::about($rules)]);
            }
            $import->update(['applied_at' => $import->applied_at ?? now()]);

            return $plan;
        });
    }

    /**
     * The shop as it was before the import.
     *
     * @throws ConflictHttpException  when there is nothing to take back
     * @throws ChangedMeanwhile       when the shop has changed since
     * @throws InUse                  when people have made something of what it brought
     * @throws AuthorizationException where it brought what only the lead may write
     */
    public function undo(Shop $shop, Import $import, User $by): void
    {
        $this->store->change($shop, function (Shop $locked) use ($import, $by): void {
            $import->refresh();
            if ($import->before === null || $import->undone_at !== null) {
                throw new ConflictHttpException('This import has changed nothing that could be taken back.');
            }
            $present = $this->text($locked);
            if ($import->after_hash !== self::hash($present)) {
                throw new ChangedMeanwhile('The shop has been changed since; taking this import back would undo that too.');
            }
            $before = $this->codec->read($import->before);
            $brought = ImportPlan::between($before, $this->codec->read($import->content));
            self::refuseModels($by, $brought);
            if ($brought->bringsEntries()) {
                throw new ConflictHttpException('This import has written ' . $brought->counts[Place::LOG]['added'] . ' entries into the log, and what has happened stays: void those that are wrong, and take away by hand what else is too much.');
            }
            $this->belongings->refuseLoss($locked, self::idsOf($before));
            $this->importer->restore($locked, $before);
            $import->update(['undone_at' => now(), 'undone_by' => $by->id, 'applied_at' => null]);
            $rules = $this->rulesChanged($present, $import->before);
            $this->journal->keep($locked, Event::Undone, [], ['import' => $import->id, 'file' => $import->file_name, ...$rules], ['imports/' . $import->id, ...self::about($rules)]);
        });
    }

    /** @throws AuthorizationException where it brings, or would take back, what only the lead may write */
    private static function refuseModels(User $by, ImportPlan $plan): void
    {
        if ($plan->isForTheLead()) {
            Gate::forUser($by)->authorize('writeModels', Shop::class);
        }
    }

    /** @return array<string, list<string>> by list */
    private static function idsOf(Workbook $workbook): array
    {
        $ids = [];
        foreach (WorkbookList::cases() as $list) {
            $ids[$list->value] = array_map(static fn(object $thing): string => $thing->id, $list->of($workbook));
        }

        return $ids;
    }

    /** @return array{rules?: array{before: \stdClass|null, after: \stdClass|null}} what the house was judged by and is from now on, where an import changes that; null for nothing said */
    private function rulesChanged(string $before, string $after): array
    {
        $said = function (string $text): ?\stdClass {
            $rules = $this->codec->read($text)->houseRules;

            return $rules === null ? null : (new RulesCodec())->write($rules);
        };
        $rules = ['before' => $said($before), 'after' => $said($after)];

        return json_encode($rules['before'], JSON_THROW_ON_ERROR) === json_encode($rules['after'], JSON_THROW_ON_ERROR) ? [] : ['rules' => $rules];
    }

    /**
     * @param array{rules?: mixed} $rules as above
     *
     * @return list<string> paths
     */
    private static function about(array $rules): array
    {
        return $rules === [] ? [] : [Place::rules()->path()];
    }

    private static function hash(string $text): string
    {
        return hash('sha256', $text);
    }

    private function text(Shop $shop): string
    {
        return $this->codec->write($this->shops->whole($shop));
    }
}
