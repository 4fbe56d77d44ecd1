<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CalendarRequest;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Calendar\Calendar;
use Gondrik\Core\Output\DayWriter;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What a kit covers of a scope from day to day: the days on which something changes. */
final class CalendarController extends Controller
{
    public function __construct(private readonly ShopWorkbook $workbooks) {}

    public function show(CalendarRequest $request): JsonResponse
    {
        $workbook = $this->workbooks->pair($this->shop($request), $request->kit(), $request->string('scope')->value(), withDays: true);
        [$kit, $scope, $from] = [$workbook->kits[0] ?? throw new NotFoundHttpException(), $workbook->scopes[0], $request->day('from') ?? $request->today()];
        $days = (new Calendar($workbook->onDay(), $kit, $scope, $workbook->rulesFor($scope)))->days($from, $request->days());

        return $this->json([
            'kit' => $kit->id,
            'scope' => $scope->id,
            'tracked' => $kit->tracked,
            'from' => $from->plain(),
            'to' => $from->plus($request->days() - 1)->plain(),
            'today' => now()->toDateString(),
            'days' => (new DayWriter())->toldDays($days),
        ]);
    }
}
