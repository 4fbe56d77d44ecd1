<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CoverageRequest;
use App\Http\Resources\ThingsById;
use App\LongQuestions\Asker;
use App\Models\Shop;
use App\Planning\KeptSupposition;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Others;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Output\DayWriter;
use Gondrik\Core\Output\PackingWriter;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Output\Unjudged;
use Gondrik\Core\Planning\OneTool;
use Gondrik\Core\Planning\PackingList;
use Gondrik\Core\Ruler\Ruler;
use Gondrik\Core\Value\Deadline;
use Gondrik\Core\Workbook\Workbook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class CoverageController extends Controller
{
    /** Seconds after which the best bag found is told. */
    private const PATIENCE = 10.0;

    public function __construct(private readonly ShopWorkbook $workbooks) {}

    public function show(CoverageRequest $request): JsonResponse
    {
        $shop = $this->workbook($request);
        $asked = $request->asked();
        $workbook = $asked->supposed($shop);
        $stands = $asked->standing($shop);
        $report = $asked->report($shop, $stands);
        $day = $request->day();
        $rulers = new RulerWriter($request->units());
        $written = (new ReportWriter($request->units(), tellsAssets: $day !== null))->report($report);
        $ruler = $rulers->ruler(Ruler::of($report, $stands->gone()));
        $isJudged = $request->kit() !== null;

        return $this->json([
            'report' => $isJudged ? $written : Unjudged::report($written),
            'ruler' => $isJudged ? $ruler : Unjudged::ruler($ruler),
            'spans' => $rulers->spans($workbook->wires, $workbook->terminals),
            ...$asked->isSupposed() ? ['was' => self::was($asked->asItIs()->report($shop), array_diff(array_column($workbook->tools, 'id'), array_column($shop->tools, 'id')))] : [],
            ...$request->hand() === null ? [] : ['hand' => ['id' => $request->hand(), 'name' => $stands->kit->worker?->name]],
            ...$day === null ? [] : ['day' => array_diff_key((new DayWriter())->kit($stands), ['hand' => null])],
            ...(new ThingsById(Gate::allows('export', Shop::class)))->of($workbook),
        ]);
    }

    /** What of the kit must be along for the work, and the one tool of each operation that alone does most. */
    public function bag(CoverageRequest $request): JsonResponse
    {
        $kit = $request->kitInHand();
        $asked = $request->asked();
        $shop = $this->workbooks->pair($this->shop($request), $kit, $request->scope(), null, withDays: $request->day() !== null, withSkills: $request->hand() !== null, terminals: array_values($request->exchange()->terminals));
        $report = $asked->report($shop, $stands = $asked->standing($shop));
        $list = PackingList::of($report, Deadline::in(self::PATIENCE, Asker::ofJson()));
        $along = Coverage::of($stands->kit->without(...array_column($list->leave, 'id')), $report->scope, $report->rules);
        $writer = new PackingWriter();

        return $this->json([
            'kit' => ['id' => $kit, 'name' => $report->kit->of->name],
            'scope' => ['id' => $report->scope->id, 'name' => $report->scope->name],
            'headline' => ReportWriter::headline($report->headline),
            'bag' => $writer->list($list, $along),
            'one' => $writer->one($report, OneTool::of($report, array_column($report->kit->eachModelOnce()->tools, 'tool')), OneTool::of($report, $asked->supposed($shop)->tools)),
        ]);
    }

    /** What was supposed becomes so. */
    public function keep(CoverageRequest $request, KeptSupposition $kept): Response
    {
        $rules = $request->has('rules') ? $request->saidRules() : new \stdClass();

        return $this->gone($kept->keep($this->shop($request), $request->kit(), $request->scope(), $request->asked(), $rules, Gate::allows('writeModels', Shop::class)));
    }

    /** The tools that were not chosen for one step of one line. */
    public function others(CoverageRequest $request, string $line, string $step): JsonResponse
    {
        $workbook = $this->workbook($request, [$line]);
        $report = $request->asked()->ofLine($request->scope(), $line)->report($workbook);
        foreach ($report->lines as $cover) {
            // A number too large for an integer is no step either.
            $index = filter_var($step, FILTER_VALIDATE_INT);
            $asked = $index !== false && $cover->line->id === $line ? $cover->steps[$index] ?? null : null;
            if ($asked !== null) {
                $others = (new Others($report->kit, $report->rules))->of($asked);

                return $this->json(['data' => array_map((new ReportWriter($request->units()))->match(...), $others)]);
            }
        }

        throw new NotFoundHttpException();
    }

    /** @param list<string>|null $lines only these of the scope; null for all */
    private function workbook(CoverageRequest $request, ?array $lines = null): Workbook
    {
        return $request->asked()->read($this->workbooks, $this->shop($request), $request->kit(), $request->scope(), $lines);
    }

    /**
     * @param array<string> $fromShelf ids of the tools that are supposed and that the shop has not
     *
     * @return array{headline: array<string, int>, lines: object, fromShelf: list<string>} how the kit stands as it is
     */
    private static function was(Report $report, array $fromShelf): array
    {
        $headline = $report->headline;

        return [
            'headline' => ['covered' => $headline->covered, 'makeshift' => $headline->makeshift, 'hole' => $headline->hole, 'faulty' => $headline->faulty],
            'lines' => (object) array_combine(
                array_map(static fn(LineCover $cover): string => $cover->line->id, $report->lines),
                array_map(static fn(LineCover $cover): string => $cover->status->value, $report->lines),
            ),
            'fromShelf' => array_values($fromShelf),
        ];
    }
}
