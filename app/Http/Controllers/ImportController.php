<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Import;
use App\Workbook\ImportHistory;
use App\Workbook\ImportPlan;
use App\Workbook\WorkbookImport;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
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
        $shop = $this->shop($request);
        $plan = $importer->plan($shop, $codec->read($content));
        $import = $shop->imports()->create([
            'user_id' => $this->person($request)->id,
            'file_name' => mb_substr($file->getClientOriginalName(), 0, 255),
            'content' => $content,
        ]);

        return new JsonResponse($this->describe($import, $plan), 201);
    }

    public function apply(Request $request, ImportHistory $history, string $import): JsonResponse
    {
        Gate::authorize('change-shop');
        $shop = $this->shop($request);
        $found = $shop->imports()->findOrFail($import);

        return new JsonResponse($this->describe($found, $history->apply($shop, $found)));
    }

    /** Takes an applied import back, as long as nothing has changed since. */
    public function undo(Request $request, ImportHistory $history, string $import): Response
    {
        Gate::authorize('change-shop');
        $shop = $this->shop($request);
        $history->undo($shop, $shop->imports()->findOrFail($import));

        return new Response(status: 204);
    }

    /** @return array<string, mixed> */
    private function describe(Import $import, ImportPlan $plan): array
    {
        return [
            'id' => $import->id,
            'fileName' => $import->file_name,
            'applied' => $import->applied_at !== null,
            'canUndo' => $import->before !== null && $import->undone_at === null,
            'changesNothing' => $plan->changesNothing(),
            'changesHouseRules' => $plan->changesHouseRules,
            'counts' => $plan->counts,
        ];
    }
}
