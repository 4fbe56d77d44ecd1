<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SuppliesRequest;
use App\Models\Shop;
use App\Planning\AcceptedPlans;
use App\Print\Paper;
use App\Supplies\BegunStock;
use App\Supplies\Shelf;
use App\Supplies\StockedShelf;
use Gondrik\Core\Output\OrderTable;
use Gondrik\Core\Output\SuppliesWriter;
use Gondrik\Core\Planning\Awaited;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What is on the shelf, what is short for some work, and what to buy. */
final class SuppliesController extends Controller
{
    public function __construct(private readonly Shelf $shelf, private readonly AcceptedPlans $plans) {}

    public function show(SuppliesRequest $request): JsonResponse
    {
        $asked = $this->asked($request);

        return $this->json((new SuppliesWriter())->shelf($asked->supplies, $asked->scopes, $asked->times, $asked->workbook->register->boxes, Gate::allows('export', Shop::class), $this->tools($request)));
    }

    /** A stock begun of each thing that the work needs and of which none is kept. */
    public function begin(SuppliesRequest $request, BegunStock $begun): JsonResponse
    {
        $written = $begun->of($this->shop($request), $request->has('scopes') ? $request->ids('scopes') : null, $request->today());

        return $this->json(['change' => $written->entry ?? 0], headers: $written === null ? [] : self::entry($written));
    }

    /** What to buy, as a table. */
    public function order(SuppliesRequest $request): StreamedResponse
    {
        $asked = $this->asked($request);
        $sign = $this->decimalSign($request);

        return self::csv('order', OrderTable::of($asked->supplies, $asked->workbook->register->boxes, $this->tools($request), $sign), $sign);
    }

    /** The same on paper. */
    public function printedOrder(SuppliesRequest $request, Paper $paper): Response
    {
        $asked = $this->asked($request);
        $tools = $this->tools($request);

        return self::pdf('order', $paper->pdf('paper.order', [
            'title' => 'Order',
            'work' => $asked->work(),
            'date' => now()->isoFormat('D MMMM YYYY'),
            'rows' => array_slice(OrderTable::of($asked->supplies, $asked->workbook->register->boxes, $tools), 1),
            'total' => OrderTable::money($asked->supplies->purchase->outlay->cents + Awaited::cost($tools)),
            'currency' => $this->shop($request)->refresh()->currency,
        ]));
    }

    /** @return list<Awaited> that go into the order with what is short */
    private function tools(SuppliesRequest $request): array
    {
        return $request->withTools() && Gate::allows('export', Shop::class) ? $this->plans->awaited($this->shop($request)) : [];
    }

    private function asked(SuppliesRequest $request): StockedShelf
    {
        return $this->shelf->of($this->shop($request), $request->has('scopes') ? $request->ids('scopes') : null, $request->times(), $request->day() ?? $request->today(), $request->integer('weeks'));
    }
}
