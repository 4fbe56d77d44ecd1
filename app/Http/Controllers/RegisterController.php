<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ComparedRequest;
use App\Http\Requests\DayRequest;
use App\Http\Requests\LabelsRequest;
use App\Http\Requests\LogRequest;
use App\Models\Shop;
use App\Print\LabelSheet;
use App\Print\Paper;
use App\Register\Charts;
use App\Register\Logbook;
use App\Register\LogFile;
use App\Register\Today;
use App\Register\Wall;
use App\Register\WhatRests;
use Gondrik\Core\Package\LogTable;
use Gondrik\Core\Proof\ChartSetting;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The things of a shop one by one, and what happens to them. */
final class RegisterController extends Controller
{
    public function wall(DayRequest $request, Wall $wall): JsonResponse
    {
        return $this->json($wall->on($this->shop($request), $request->day() ?? $request->today()));
    }

    public function today(DayRequest $request, Today $today): JsonResponse
    {
        return $this->json($today->of($this->shop($request), $request->today(), $this->reader($request)));
    }

    public function labels(LabelsRequest $request, Wall $wall, Paper $paper): Response
    {
        $things = $wall->named($this->shop($request), $request->ids('tags'));
        if (count($things) > LabelSheet::MOST) {
            throw new InvalidWorkbook([new Problem('tags', null, 'must name which: at most ' . LabelSheet::MOST . ' labels are printed at once, the shop has ' . count($things) . ' things')]);
        }

        return self::pdf('labels', $paper->pdf('paper.labels', ['title' => 'Labels', 'columns' => LabelSheet::COLUMNS, 'sheets' => LabelSheet::sheets($things, $request->skip())]));
    }

    /** What has happened to one thing, the newest first. */
    public function timeline(Request $request, Wall $wall, string $id): JsonResponse
    {
        return $this->json(['data' => $wall->timeline($this->shop($request), $id)]);
    }

    /** What the pulls of one thing say of it. */
    public function charts(DayRequest $request, Charts $charts, string $id): JsonResponse
    {
        return $this->json($charts->of($this->shop($request), $id, $request->day() ?? $request->today()));
    }

    /** Their subgroups as a table. */
    public function chartsAsTable(DayRequest $request, Charts $charts, string $id): StreamedResponse
    {
        $sign = $this->decimalSign($request);

        return self::csv('pulls', $charts->table($this->shop($request), $id, $request->day() ?? $request->today(), $sign), $sign);
    }

    /** What the pulls of a thing prove is written into its model. */
    public function prove(ComparedRequest $request, Charts $charts, string $id): Response
    {
        return $this->gone($charts->prove($this->shop($request), $id, ChartSetting::exactly($request->wire(), $request->terminal(), $request->nest()), $request->today()));
    }

    /** Trials side by side: what was pulled of one wire and terminal. */
    public function compared(ComparedRequest $request, Charts $charts): JsonResponse
    {
        return $this->json(['data' => $charts->compared($this->shop($request), $request->wire(), $request->terminal())]);
    }

    /** What of the work rests on one thing. */
    public function resting(DayRequest $request, WhatRests $rests, string $id): JsonResponse
    {
        return $this->json(['data' => $rests->on($this->shop($request), $id, $request->day() ?? $request->today())]);
    }

    /** What one thing may have made since its last good pull. */
    public function inDoubt(DayRequest $request, WhatRests $rests, string $id): JsonResponse
    {
        return $this->json(['data' => $rests->inDoubt($this->shop($request), $id, $request->day() ?? $request->today())]);
    }

    /** What rests on which thing: the busiest, and what is idle. */
    public function busiest(DayRequest $request, WhatRests $rests): JsonResponse
    {
        $busy = $rests->busiest($this->shop($request), $request->day() ?? $request->today());

        return $this->json(['data' => array_map(static fn(string $tag, int $terminations): array => ['tag' => $tag, 'terminations' => $terminations], array_map(strval(...), array_keys($busy)), $busy)]);
    }

    public function store(LogRequest $request, Logbook $logbook): JsonResponse
    {
        $items = $request->entries();
        foreach ($items as $item) {
            self::authorizeEntry($item);
        }
        $written = $logbook->write($this->shop($request), $items, wantsEvidence: true);

        return $this->json(['entries' => $written->things, 'change' => $written->entry], 201, self::entry($written));
    }

    /** The whole log as a table. */
    public function table(Request $request, LogFile $file): Response
    {
        return new Response($file->of($this->shop($request), $this->reader($request)), headers: ['Content-Type' => 'text/csv; charset=UTF-8; header=present', 'Content-Disposition' => 'attachment; filename="' . LogTable::NAME . '"']);
    }

    /** Writes down what a table has more than the log. */
    public function take(Request $request, LogFile $file): JsonResponse
    {
        $shop = $this->shop($request);
        $news = $file->news($shop, $request->getContent());
        if ($news === []) {
            return $this->json(['written' => 0, 'change' => null]);
        }
        foreach ($news as $item) {
            self::authorizeEntry($item);
        }
        $written = $file->write($shop, $news);

        return $this->json(['written' => count($news), 'change' => $written->entry], 201, self::entry($written));
    }

    private static function authorizeEntry(\stdClass $item): void
    {
        $text = static fn(string $key): ?string => is_string($item->{$key} ?? null) ? $item->{$key} : null;
        Gate::authorize('writeEntry', [Shop::class, $text('what') ?? '', $text('person')]);
    }
}
