<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\Journal;
use App\History\Undo;
use App\Http\Requests\HistoryRequest;
use App\Http\Resources\ChangeResource;
use App\Models\Shop;
use App\Workbook\Version;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** What was done to the shop, by whom and when. */
final class HistoryController extends Controller
{
    public function __construct(private readonly Journal $journal) {}

    public function index(HistoryRequest $request): JsonResponse
    {
        // One more than is shown tells whether there is more.
        $entries = $this->journal->page($this->shop($request), $request->most() + 1, $request->before(), $request->about());
        $shown = $entries->take($request->most());

        return $this->json([
            'data' => ChangeResource::collection($shown)->resolve($request),
            'next' => $entries->count() > $shown->count() ? $shown->last()?->id : null,
        ]);
    }

    /** Takes an entry back, as long as everything is as it left it. */
    public function undo(Request $request, Undo $undo, string $entry): JsonResponse
    {
        $shop = $this->shop($request);
        if ($this->journal->touchesCatalogue($shop, (int) $entry)) {
            Gate::authorize('writeCatalogue', Shop::class);
        }
        $written = $undo->undo($shop, (int) $entry);

        return $this->json(['data' => array_map(Version::with(...), array_values(array_filter($written->things))), 'change' => $written->entry], headers: self::entry($written));
    }
}
