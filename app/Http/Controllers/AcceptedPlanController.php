<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AcceptanceRequest;
use App\Http\Requests\ArrivalRequest;
use App\Http\Resources\AcceptedPlan;
use App\Planning\AcceptedPlans;
use App\Writing\Written;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Plans that a shop goes by. */
final class AcceptedPlanController extends Controller
{
    public function __construct(private readonly AcceptedPlans $plans) {}

    public function index(Request $request): JsonResponse
    {
        return $this->json(['data' => array_map(AcceptedPlan::of(...), $this->plans->of($this->shop($request)))]);
    }

    /** The plan that was seen, and no other. */
    public function store(AcceptanceRequest $request): JsonResponse
    {
        [$plan, $written] = $this->plans->accept($this->shop($request), $this->person($request), $request->seal());

        return $this->plan($request, $plan, $written, 201);
    }

    public function arrive(ArrivalRequest $request, string $plan, string $item): JsonResponse
    {
        $written = $this->plans->arrive($this->shop($request), $this->person($request), (int) $plan, self::seen($request), (int) $item, $request->hasArrived());

        return $this->plan($request, (int) $plan, $written);
    }

    public function destroy(Request $request, string $plan): Response
    {
        return $this->gone($this->plans->takeBack($this->shop($request), (int) $plan, self::seen($request)));
    }

    private function plan(Request $request, int $plan, ?Written $written, int $status = 200): JsonResponse
    {
        $told = AcceptedPlan::of($this->plans->one($this->shop($request), $plan));

        return $this->json($told, $status, ['ETag' => '"' . $told['version'] . '"', ...$written === null ? [] : self::entry($written)]);
    }
}
