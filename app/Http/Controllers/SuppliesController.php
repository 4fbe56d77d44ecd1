<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SuppliesRequest;
use App\Models\Shop;
use App\Print\Paper;
use App\Supplies\Shelf;
use App\Supplies\StockedShelf;
use Gondrik\Core\Output\OrderTable;
use Gondrik\Core\Output\SuppliesWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What is on the shelf, what is short for some work, and what to buy. */
final class SuppliesController extends Controller
{
    public function show(SuppliesRequest $request, Shelf $shelf): JsonResponse
    {
        $asked = $this->asked($request, $shelf);

        return $this->json((new SuppliesWriter())->shelf($asked->supplies, $asked->scopes, $asked->times, $asked->workbook->register->boxes, Gate::allows('export', Shop::class)));
    }

    /** What to buy, as a table. */
    public function order(SuppliesRequest $request, Shelf $shelf): StreamedResponse
    {
        $asked = $this->asked($request, $shelf);
        $sign = $this->decimalSign($request);

        return self::csv('order', OrderTable::of($asked->supplies, $asked->workbook->register->boxes, $sign), $sign);
    }

    /** The same on paper. */
    public function printedOrder(SuppliesRequest $request, Shelf $shelf, Paper $paper): Response
    {
        $asked = $this->asked($request, $shelf);

        return self::pdf('order', $paper->pdf('paper.order', [
            'title' => 'Order',
            'work' => $asked->work(),
            'date' => now()->isoFormat('D MMMM YYYY'),
            'rows' => array_slice(OrderTable::of($asked->supplies, $asked->workbook->register->boxes), 1),
            'total' => OrderTable::money($asked->supplies->purchase->outlay->cents),
            'currency' => $this->shop($request)->refresh()->currency,
        ]));
    }

    private function asked(SuppliesRequest $request, Shelf $shelf): StockedShelf
    {
        return $shelf->of($this->shop($request), $request->has('scopes') ? $request->ids('scopes') : null, $request->times(), $request->day() ?? $request->today(), $request->integer('weeks'));
    }
}
