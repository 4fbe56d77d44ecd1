<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AbsenceRequest;
use App\Http\Requests\DayRequest;
use App\Models\Shop;
use App\People\SkillMatrix;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** What people can do: of all for who answers for the class or the tools, of oneself for everybody. */
final class SkillController extends Controller
{
    public function index(DayRequest $request, SkillMatrix $matrix): JsonResponse
    {
        return $this->json($matrix->on($this->shop($request), $request->day() ?? $request->today(), $this->reader($request)));
    }

    public function show(DayRequest $request, SkillMatrix $matrix, string $id): JsonResponse
    {
        Gate::authorize('seePerson', [Shop::class, $id]);

        return $this->json($matrix->record($this->shop($request), $id, $request->day() ?? $request->today()));
    }

    /** What breaks while some are away. */
    public function without(AbsenceRequest $request, SkillMatrix $matrix): JsonResponse
    {
        $first = $request->day('from') ?? $request->today();

        return $this->json(['data' => $matrix->without($this->shop($request), $request->ids('people'), $first, $request->day('to') ?? $first)]);
    }
}
