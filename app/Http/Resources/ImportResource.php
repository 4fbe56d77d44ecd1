<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Imports\ImportPlan;
use App\Models\Import;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** An import with what it would do or has done. */
final class ImportResource extends JsonResource
{
    public static $wrap = null;

    public function __construct(private readonly Import $import, private readonly ImportPlan $plan)
    {
        parent::__construct($import);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->import->id,
            'fileName' => $this->import->file_name,
            'applied' => $this->import->applied_at !== null,
            'canUndo' => $this->import->before !== null && $this->import->undone_at === null,
            'changesNothing' => $this->plan->changesNothing(),
            'changesHouseRules' => $this->plan->changesHouseRules,
            'counts' => $this->plan->counts,
        ];
    }
}
