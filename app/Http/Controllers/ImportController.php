<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Import;
use App\Workbook\ImportPlan;
use App\Workbook\WorkbookImport;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

final class ImportController extends Controller
{
    private const MOST_KILOBYTES = 10_240;

    /** A dry run: the whole file is read, and the answer is every problem, or what applying it would do. */
    public function store(Request $request, WorkbookCodec $codec, WorkbookImport $importer): JsonResponse
    {
        Gate::authorize('change-shop');
        $request->validate(['workbook' => ['required', 'file', 'max:' . self::MOST_KILOBYTES]]);
        $file = $request->file('workbook');
        $content = (string) $file->getContent();
        $workbook = $codec->read($content);
        $shop = $this->shop($request);
        $plan = $importer->plan($shop, $workbook);
        $import = $shop->imports()->create([
            'user_id' => $this->person($request)->id,
            'file_name' => mb_substr($file->getClientOriginalName(), 0, 255),
            'content' => $content,
        ]);

        return new JsonResponse($this->describe($import, $workbook->title, $plan), 201);
    }

    public function apply(Request $request, WorkbookCodec $codec, WorkbookImport $importer, string $import): JsonResponse
    {
        Gate::authorize('change-shop');
        $shop = $this->shop($request);
        $found = $shop->imports()->findOrFail($import);
        $workbook = $codec->read($found->content);
        $plan = DB::transaction(static function () use ($importer, $shop, $workbook, $found): ImportPlan {
            $plan = $importer->apply($shop, $workbook);
            $found->update(['applied_at' => $found->applied_at ?? now()]);

            return $plan;
        });

        return new JsonResponse($this->describe($found, $workbook->title, $plan));
    }

    /** @return array<string, mixed> */
    private function describe(Import $import, ?string $title, ImportPlan $plan): array
    {
        return [
            'id' => $import->id,
            'fileName' => $import->file_name,
            'title' => $title,
            'applied' => $import->applied_at !== null,
            'changesNothing' => $plan->changesNothing(),
            'changesHouseRules' => $plan->changesHouseRules,
            'counts' => $plan->counts,
        ];
    }
}
