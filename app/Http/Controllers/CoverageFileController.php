<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CoverageRequest;
use App\Print\CoverSheet;
use App\Print\Paper;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\OnDay\KitOnDay;
use Gondrik\Core\Output\ReportFile;
use Gondrik\Core\Output\ReportTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What a kit covers of a scope as a file, to be sent, worked with elsewhere or hung up. */
final class CoverageFileController extends Controller
{
    public function __construct(private readonly ShopWorkbook $workbooks) {}

    public function table(CoverageRequest $request): StreamedResponse
    {
        [$name, $report] = $this->asked($request);

        return self::csv($name, (new ReportTable($request->units()))->of($report), $this->decimalSign($request));
    }

    /** As the command line answers the same question. */
    public function data(CoverageRequest $request): JsonResponse
    {
        [$name, $report, $stands] = $this->asked($request);

        return $this->json((new ReportFile($request->units()))->of($report, $stands), headers: ['Content-Disposition' => 'attachment; filename="' . $name . '.json"']);
    }

    /** On one A4. */
    public function print(CoverageRequest $request, Paper $paper): Response
    {
        [$name, $report] = $this->asked($request);
        $sheet = new CoverSheet($report, $request->units());
        $head = [
            'title' => 'Cover',
            'shop' => $this->shop($request)->refresh()->name,
            'kit' => $report->kit->of->name,
            'scope' => $report->scope->name,
            'on' => $request->day()?->plain(),
            'hand' => $report->kit->worker?->name,
            'date' => now()->isoFormat('D MMMM YYYY'),
            'isSupposed' => $request->asked()->isSupposed(),
            'hasOpen' => $report->headline->hole + $report->headline->faulty > 0,
        ];

        return self::pdf($name, $paper->onOneSheet('paper.cover', min(CoverSheet::LINES, count($report->lines)), static fn(int $most): array => [...$sheet->data($most), ...$head]));
    }

    /** @return array{string, Report, KitOnDay} the file's name without its ending, and what stands in it */
    private function asked(CoverageRequest $request): array
    {
        $name = implode('-', ['cover', ...array_filter([$request->kitInHand(), $request->scope(), $request->day()?->plain()])]);
        $asked = $request->asked();
        $shop = $asked->read($this->workbooks, $this->shop($request), $request->kit(), $request->scope());
        $stands = $asked->standing($shop);

        return [$name, $asked->report($shop, $stands), $stands];
    }
}
