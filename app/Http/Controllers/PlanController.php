<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Http\Resources\ThingsById;
use App\Workbook\ShopWorkbook;
use Gondrik\Core\Output\PlanWriter;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Planning\BuyingRow;
use Gondrik\Core\Planning\Covering\Deadline;
use Gondrik\Core\Planning\Planner;
use Gondrik\Core\Ruler\ToolRuler;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What to do about a kit. Nothing is written here. */
final class PlanController extends Controller
{
    /** Seconds after which the best found is told, with what is proven of it. */
    public const PATIENCE = 20.0;

    public function __construct(private readonly ShopWorkbook $workbooks) {}

    public function show(PlanRequest $request): JsonResponse
    {
        $shop = $this->workbooks->whole($this->shop($request));
        $question = $request->question($shop);
        $plan = (new Planner($question, Deadline::in(self::PATIENCE)))->plan();
        $rulers = new RulerWriter($request->units());

        return $this->json([
            'plan' => (new PlanWriter($request->units()))->explained($plan, $question),
            'tools' => (object) (new ThingsById(true))->tools($shop),
            'lanes' => (object) array_map($rulers->lanes(...), array_map(ToolRuler::of(...), array_column($shop->tools, null, 'id'))),
            'ticks' => $rulers->ticks(),
        ]);
    }

    /** What less and more money would do, exactly, and what buying in steps comes to: it may take a while. */
    public function curve(PlanRequest $request): JsonResponse
    {
        $planner = new Planner($request->question($this->workbooks->whole($this->shop($request))), Deadline::in(self::PATIENCE));
        $writer = new PlanWriter();

        return $this->json(['exact' => $writer->curve($planner->curve()), 'inSteps' => $writer->curve($planner->inSteps())]);
    }

    /** What to come by, to be sent to whoever buys. */
    public function buyingList(PlanRequest $request): StreamedResponse
    {
        $question = $request->question($this->workbooks->whole($this->shop($request)));
        $plan = (new Planner($question, Deadline::in(self::PATIENCE)))->plan();

        return self::csv('buying-list-' . $question->kit->id, (new PlanWriter($request->units()))->buyingList(BuyingRow::of($plan, $question)));
    }
}
