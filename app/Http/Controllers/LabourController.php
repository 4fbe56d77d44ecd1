<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LabourRequest;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Labour\BreakEven;
use Gondrik\Core\Labour\Labour;
use Gondrik\Core\Labour\Measured;
use Gondrik\Core\Labour\Swaps;
use Gondrik\Core\Output\LabourWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** How long the work takes, how often a hand squeezes for it, and what would save either. */
final class LabourController extends Controller
{
    public function __construct(private readonly ShopWorkbook $workbooks) {}

    public function show(LabourRequest $request): JsonResponse
    {
        $asked = $request->asked();
        $shop = $this->workbooks->pair($this->shop($request), $request->kit(), $request->scope(), null, withDays: $request->day() !== null, withSkills: $request->hand() !== null, withTimes: true);
        $report = $asked->report($shop, $asked->standing($shop));
        $measured = Measured::of($shop->register->log, $request->day());
        $rates = $request->rates($measured);
        $labour = Labour::of($report, $rates);
        $swaps = new Swaps($report, $rates, $shop->tools);
        $withCosts = Gate::allows('export', Shop::class);
        $even = $withCosts ? self::even($request, $swaps) : null;

        return $this->json([
            ...(new LabourWriter())->told($report, $labour, $measured, $swaps, $shop->scopes[0]->pieces, $withCosts, Gate::allows('setUp', Shop::class), $request->sharing()),
            'even' => $even === null ? null : LabourWriter::even($even, $labour->days),
        ]);
    }

    /** Null while it is not said what an hour or the tool costs, and where the tool takes over nothing. */
    private static function even(LabourRequest $request, Swaps $swaps): ?BreakEven
    {
        $wage = $request->whole('wage');
        $swap = $swaps->with($request->string('tool')->value());
        $price = $request->whole('price') ?? $swap?->price();
        if ($swap === null || $wage === null || $price === null) {
            return null;
        }
        $each = $request->number('each');

        return new BreakEven($swap->pieces, $swap->before->seconds, $each === null ? $swap->after->seconds : $each * $swap->pieces, $price, $wage, $request->number('piece') ?? $swap->tool->cost->perUse);
    }
}
