<?php

declare(strict_types=1);

namespace App\Workbook;

use App\Models\Import;
use App\Models\Shop;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Applies imports so that they can be taken back, and takes them back. */
final readonly class ImportHistory
{
    public function __construct(
        private WorkbookImport $importer,
        private ShopWorkbook $shops,
        private WorkbookCodec $codec,
    ) {}

    /**
     * @throws InvalidWorkbook when it no longer goes together with what the shop has; then nothing has changed
     */
    public function apply(Shop $shop, Import $import): ImportPlan
    {
        return DB::transaction(function () use ($shop, $import): ImportPlan {
            $workbook = $this->codec->read($import->content);
            $before = $this->text($shop->lock());
            $plan = $this->importer->apply($shop, $workbook);
            if (!$plan->changesNothing()) {
                $import->update(['before' => $before, 'after_hash' => $this->hash($shop), 'undone_at' => null]);
            }
            $import->update(['applied_at' => $import->applied_at ?? now()]);

            return $plan;
        });
    }

    /**
     * The shop as it was before the import.
     *
     * @throws ConflictHttpException when there is nothing to take back, or the shop has changed since
     */
    public function undo(Shop $shop, Import $import): void
    {
        DB::transaction(function () use ($shop, $import): void {
            $shop->lock();
            $import->refresh();
            if ($import->before === null || $import->undone_at !== null) {
                throw new ConflictHttpException('This import has changed nothing that could be taken back.');
            }
            if ($import->after_hash !== $this->hash($shop)) {
                throw new ConflictHttpException('The shop has been changed since; taking this import back would undo that too.');
            }
            $this->importer->restore($shop, $this->codec->read($import->before));
            $import->update(['undone_at' => now(), 'applied_at' => null]);
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
