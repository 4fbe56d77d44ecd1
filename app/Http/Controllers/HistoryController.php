<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\Journal;
use App\Http\Requests\HistoryRequest;
use App\Http\Resources\ChangeResource;
use App\Models\Change;
use App\Models\Shop;
use App\Reading\Names;
use App\Writing\Undo;
use App\Writing\Version;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

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
            'names' => (object) array_map(static fn(array $names): object => (object) $names, Names::within($this->shop($request), $shown->map(static fn(Change $entry): array => $entry->shown->changes)->all())),
            'next' => $entries->count() > $shown->count() ? $shown->last()?->id : null,
        ]);
    }

    /** Everything that is kept, the oldest first, as a file: what was before and after each change, whole. */
    public function file(Request $request): StreamedResponse
    {
        $entries = $this->journal->all($this->shop($request));

        return new StreamedResponse(static function () use ($entries): void {
            $between = '';
            echo '{"entries":[';
            foreach ($entries as $entry) {
                echo $between, json_encode([
                    'id' => $entry->id,
                    'at' => $entry->created_at->toIso8601ZuluString(),
                    'by' => $entry->causer?->name,
                    'event' => $entry->event,
                    ...(array) $entry->properties,
                ], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
                $between = ",\n";
            }
            echo ']}';
        }, headers: ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="history.json"']);
    }

    /** Takes an entry back, as long as everything is as it left it. */
    public function undo(Request $request, Undo $undo, string $entry): JsonResponse
    {
        $shop = $this->shop($request);
        if ($this->journal->isForTheLead($shop, (int) $entry)) {
            Gate::authorize('writeModels', Shop::class);
        }
        $written = $undo->undo($shop, (int) $entry);

        return $this->json(['data' => array_map(Version::with(...), array_values(array_filter($written->things))), 'change' => $written->entry], headers: self::entry($written));
    }
}
