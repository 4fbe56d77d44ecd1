<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CoverageRequest;
use App\Http\Resources\ThingsById;
use App\Models\Shop;
use App\Workbook\ShopWorkbook;
use Gondrik\Core\Coverage\Coverage;
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
        $workbook = $this->workbook($request);
        $report = $this->report($workbook);
        $rulers = new RulerWriter($request->units());
        $written = (new ReportWriter($request->units()))->report($report);
        $ruler = $rulers->ruler(Ruler::of($report));
        $isJudged = $request->kit() !== null;

        return $this->json([
            'report' => $isJudged ? $written : Unjudged::report($written),
            'ruler' => $isJudged ? $ruler : Unjudged::ruler($ruler),
            'spans' => $rulers->spans($workbook->wires, $workbook->terminals),
            ...(new ThingsById(Gate::allows('export', Shop::class), $this->workbooks->typed($this->shop($request), $request->scope())))->of($workbook),
        ]);
    }

    /** The tools that were not chosen for one step of one line. */
    public function others(CoverageRequest $request, string $line, string $step): JsonResponse
    {
        $workbook = $this->workbook($request);
        $report = $this->report($workbook);
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

    private function workbook(CoverageRequest $request): Workbook
    {
        return $this->workbooks->pair($this->shop($request), $request->kit(), $request->scope());
    }

    private function report(Workbook $workbook): Report
    {
        $scope = $workbook->scopes[0];

        return Coverage::ofKitOrNone($workbook->kits[0] ?? null, $scope, $workbook->rulesFor($scope));
    }
}
