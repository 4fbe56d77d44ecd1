<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ImportRequest;
use App\Http\Resources\ImportResource;
use App\Imports\DataPackage;
use App\Imports\ImportHistory;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class ImportController extends Controller
{
    /** A dry run: the whole file is read, and the answer is every problem, or what applying it would do. */
    public function store(ImportRequest $request, ImportHistory $history, DataPackage $packages): JsonResponse
    {
        $content = $request->content();
        $workbook = DataPackage::isOne($content) ? $packages->workbook($content) : $content;
        [$import, $plan] = $history->bring($this->shop($request), $this->person($request), $request->fileName(), $workbook);

        return (new ImportResource($import, $plan))->response()->setStatusCode(201);
    }

    public function apply(Request $request, ImportHistory $history, string $import): ImportResource
    {
        $shop = $this->shop($request);
        $found = $shop->imports()->findOrFail($import);

        return new ImportResource($found, $history->apply($shop, $found, $this->person($request)));
    }

    /** Takes an applied import back, as long as nothing has changed since. */
    public function undo(Request $request, ImportHistory $history, string $import): Response
    {
        $shop = $this->shop($request);
        $history->undo($shop, $shop->imports()->findOrFail($import), $this->person($request));

        return new Response(status: 204);
    }
}
