<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EntryRequest;
use App\Http\Requests\LineEditsRequest;
use App\Lines\ScopeLines;
use App\Lines\ShopEntries;
use App\Reading\Names;
use App\Writing\Version;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Entry\Piece;
use Gondrik\Core\Entry\Question;
use Gondrik\Core\Entry\QuickEntry;
use Gondrik\Core\Output\EntryWriter;
use Gondrik\Core\Output\RulerWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The lines of a scope, one by one. */
final class LineController extends Controller
{
    public function __construct(private readonly ShopEntries $entries, private readonly ScopeLines $lines) {}

    /** What a text says of a line, and how the kit in hand judges it; nothing is written. */
    public function read(EntryRequest $request, string $scope): JsonResponse
    {
        [$workbook, $entry] = $this->entries->read($this->shop($request), $scope, $request->kit(), $request->text());
        $kit = $workbook->kits[0] ?? null;
        $report = EntryWriter::report($entry, $workbook->rulesFor($workbook->scopes[0]), $workbook->onPaper($kit));
        $written = (new EntryWriter($request->units()))->reported($entry, $report, $kit !== null);

        return $this->json([
            ...$written,
            'steps' => $kit === null || $report === null ? [] : array_map(static fn(StepCover $step): array => ['op' => $step->step->operation->value, 'status' => $step->status->value], $report->lines[0]->steps),
            'wantsSecond' => $entry->line?->terminal?->ends === 2 && $entry->line->wireB === null,
            'drop' => $report === null ? null : (new RulerWriter())->ofEntry($report, $kit !== null),
            'names' => Names::ofEnds($workbook, self::idsOf($entry)),
        ]);
    }

    /** @return list<string|null> what an entry has read, and what it asks about */
    private static function idsOf(QuickEntry $entry): array
    {
        return [
            $entry->line?->wire?->id,
            $entry->line?->wireB?->id,
            $entry->line?->terminal?->id,
            ...array_map(static fn(Piece $piece): ?string => $piece->id, $entry->tokens),
            ...array_merge(...array_map(static fn(Question $question): array => $question->candidates, $entry->questions)),
        ];
    }

    /** Every line with its version, for whoever is going to change some. */
    public function index(Request $request, string $scope): JsonResponse
    {
        return $this->json(['data' => $this->lines->all($this->shop($request), $scope)]);
    }

    public function store(Request $request, string $scope): JsonResponse
    {
        // Empty is the first place, and not the same as nothing.
        $after = $request->query->has('after') ? (string) $request->query->get('after') : null;

        return $this->written($this->lines->add($this->shop($request), $scope, self::item($request, 'line'), $after), 201);
    }

    public function update(Request $request, string $scope, string $line): JsonResponse
    {
        return $this->written($this->lines->replace($this->shop($request), $scope, $line, self::seen($request), self::item($request, 'line')));
    }

    public function destroy(Request $request, string $scope, string $line): Response
    {
        return $this->gone($this->lines->remove($this->shop($request), $scope, $line, self::seen($request)));
    }

    /** Many lines at once, as whole lines or cell by cell, and their order: all of it or nothing. */
    public function edit(LineEditsRequest $request, string $scope): JsonResponse
    {
        $written = $this->lines->edit($this->shop($request), $scope, $request->edits(), $request->order());
        $lines = array_values(array_filter($written->things));

        return $this->json(['data' => array_map(Version::with(...), $lines), 'change' => $written->entry], headers: self::entry($written));
    }
}
