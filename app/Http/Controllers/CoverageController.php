<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CoverageRequest;
use App\Http\Resources\ThingsById;
use App\Models\Shop;
use App\Planning\SupposedKit;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Others;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Output\Unjudged;
use Gondrik\Core\Ruler\Ruler;
use Gondrik\Core\Workbook\Workbook;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class CoverageController extends Controller
{
    public function __construct(private readonly ShopWorkbook $workbooks) {}

    public function show(CoverageRequest $request): JsonResponse
    {
        $stands = $this->workbook($request);
        $workbook = SupposedKit::in($stands, $request->ids('with'), $request->ids('without'));
        $report = $this->report($workbook);
        $rulers = new RulerWriter($request->units());
        $written = (new ReportWriter($request->units()))->report($report);
        $ruler = $rulers->ruler(Ruler::of($report));
        $isJudged = $request->kit() !== null;

        return $this->json([
            'report' => $isJudged ? $written : Unjudged::report($written),
            'ruler' => $isJudged ? $ruler : Unjudged::ruler($ruler),
            'spans' => $rulers->spans($workbook->wires, $workbook->terminals),
            ...$workbook === $stands ? [] : ['was' => self::was($this->report($stands))],
            ...(new ThingsById(Gate::allows('export', Shop::class)))->of($workbook),
        ]);
    }

    /** The tools that were not chosen for one step of one line. */
    public function others(CoverageRequest $request, string $line, string $step): JsonResponse
    {
        $report = $this->report(SupposedKit::in($this->workbook($request, [$line]), $request->ids('with'), $request->ids('without')));
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
        return $this->workbooks->pair($this->shop($request), $request->kit(), $request->scope(), $request->ids('with'), $lines);
    }

    /** @return array{headline: array<string, int>, lines: object} how the kit stands as it is */
    private static function was(Report $report): array
    {
        $headline = $report->headline;

        return [
            'headline' => ['covered' => $headline->covered, 'makeshift' => $headline->makeshift, 'hole' => $headline->hole, 'faulty' => $headline->faulty],
            'lines' => (object) array_combine(
                array_map(static fn(LineCover $cover): string => $cover->line->id, $report->lines),
                array_map(static fn(LineCover $cover): string => $cover->status->value, $report->lines),
            ),
        ];
    }

    private function report(Workbook $workbook): Report
    {
        $scope = $workbook->scopes[0];

        return Coverage::of($workbook->onPaper($workbook->kits[0] ?? null), $scope, $workbook->rulesFor($scope));
    }
}
