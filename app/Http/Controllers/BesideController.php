<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BesideRequest;
use App\Http\Resources\ThingsById;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\SideBySide;
use Gondrik\Core\OnDay\KitOnDay;
use Gondrik\Core\Output\DayWriter;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Ruler\RulerOfTwo;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Two kits on one scope: what both make, what one alone makes, what neither does. */
final class BesideController extends Controller
{
    public function __construct(private readonly ShopWorkbook $workbooks) {}

    public function show(BesideRequest $request): JsonResponse
    {
        $asked = $request->asked();
        $shops = array_map(fn(string $kit) => $asked->read($this->workbooks, $this->shop($request), $kit, $request->scope()), $request->kits());
        [$one, $other] = array_map($asked->standing(...), $shops);
        $scope = $shops[0]->scopes[0];
        $both = SideBySide::of($one->kit, $other->kit, $scope, $shops[0]->rulesFor($scope));
        $writer = new ReportWriter($request->units(), tellsAssets: $request->day() !== null);
        $tools = array_column([...$shops[0]->tools, ...$shops[1]->tools], null, 'id');
        $whose = [];
        foreach ($both->lines as $line) {
            $whose[$line->line->id] = $line->whose->value;
        }

        return $this->json([
            'kits' => array_map(static fn(Report $report): array => ['id' => $report->kit->of->id, 'name' => $report->kit->of->name], [$both->one, $both->other]),
            'reports' => [$writer->report($both->one), $writer->report($both->other)],
            'whose' => (object) $whose,
            'sums' => $both->sums(),
            'ruler' => (new RulerWriter($request->units()))->ofTwo(RulerOfTwo::of($both, $one->gone(), $other->gone())),
            'away' => array_map(static fn(KitOnDay $kit): array => (new DayWriter())->away($kit->away), [$one, $other]),
            ...array_diff_key((new ThingsById(Gate::allows('export', Shop::class)))->of($shops[0]->withTools(array_values($tools))), ['kit' => null]),
        ]);
    }
}
