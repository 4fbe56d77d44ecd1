<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ArrivalRequest;
use App\Http\Requests\PlanRequest;
use App\Http\Resources\AcceptedPlan;
use App\Planning\AcceptedPlans;
use App\Workbook\ShopWorkbook;
use Gondrik\Core\Planning\Covering\Deadline;
use Gondrik\Core\Planning\Planner;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Plans that a shop goes by. */
final class AcceptedPlanController extends Controller
{
    public function __construct(private readonly AcceptedPlans $plans) {}

    public function index(Request $request): JsonResponse
    {
        return $this->json(['data' => array_values($this->plans->of($this->shop($request))->map(AcceptedPlan::of(...))->all())]);
    }

    /** The plan is made anew from the same question: nobody accepts what the page has made of it. */
    public function store(PlanRequest $request, ShopWorkbook $workbooks): JsonResponse
    {
        $shop = $this->shop($request);
        $question = $request->question($workbooks->whole($shop));
        $plan = (new Planner($question, Deadline::in(PlanController::PATIENCE)))->plan();

        return $this->json(AcceptedPlan::of($this->plans->accept($shop, $this->person($request), $question, $plan)), 201);
    }

    public function arrive(ArrivalRequest $request, string $plan, string $item): JsonResponse
    {
        return $this->json(AcceptedPlan::of($this->plans->arrive($this->shop($request), $this->person($request), (int) $plan, (int) $item, $request->hasArrived())));
    }

    public function destroy(Request $request, string $plan): Response
    {
        $this->plans->takeBack($this->shop($request), (int) $plan);

        return new Response(status: 204);
    }
}
