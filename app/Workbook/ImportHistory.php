<?php

declare(strict_types=1);

namespace App\Workbook;

use App\Models\Import;
use App\Models\Shop;
use App\Models\User;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Applies imports so that they can be taken back, and takes them back. */
final readonly class ImportHistory
{
    public function __construct(
        private WorkbookImport $importer,
        private ShopWorkbook $shops,
        private WorkbookCodec $codec,
        private ShopStore $store,
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
        $import = $shop->imports()->create(['user_id' => $by->id, 'file_name' => $fileName, 'content' => $content, 'plan_hash' => $plan->hash]);

        return [$import, $plan];
    }

    /**
     * @throws InvalidWorkbook  when it no longer goes together with what the shop has; then nothing has changed
     * @throws ChangedMeanwhile when it would do something else than what was shown
     */
    public function apply(Shop $shop, Import $import): ImportPlan
    {
        return $this->store->change($shop, function (Shop $locked) use ($import): ImportPlan {
            $import->refresh();
            $workbook = $this->codec->read($import->content);
            $plan = $this->importer->plan($locked, $workbook);
            if (!$plan->changesNothing() && $plan->hash !== $import->plan_hash) {
                throw new ChangedMeanwhile('The shop has changed since this file was looked at, and it would do something else now: bring it again.');
            }
            $before = $this->text($locked);
            $this->importer->apply($locked, $workbook);
            if (!$plan->changesNothing()) {
                $import->update(['before' => $before, 'after_hash' => $this->hash($locked), 'undone_at' => null, 'undone_by' => null]);
            }
            $import->update(['applied_at' => $import->applied_at ?? now()]);

            return $plan;
        });
    }

    /**
     * The shop as it was before the import.
     *
     * @throws ConflictHttpException when there is nothing to take back
     * @throws ChangedMeanwhile      when the shop has changed since
     */
    public function undo(Shop $shop, Import $import, User $by): void
    {
        $this->store->change($shop, function (Shop $locked) use ($import, $by): void {
            $import->refresh();
            if ($import->before === null || $import->undone_at !== null) {
                throw new ConflictHttpException('This import has changed nothing that could be taken back.');
            }
            if ($import->after_hash !== $this->hash($locked)) {
                throw new ChangedMeanwhile('The shop has been changed since; taking this import back would undo that too.');
            }
            $this->importer->restore($locked, $this->codec->read($import->before));
            $import->update(['undone_at' => now(), 'undone_by' => $by->id, 'applied_at' => null]);
        });
    }

    private function hash(Shop $shop): string
    {
        return hash('sha256', $this->text($shop));
    }

    private function text(Shop $shop): string
    {
        return $this->codec->write($this->shops->whole($shop));
    }
}
