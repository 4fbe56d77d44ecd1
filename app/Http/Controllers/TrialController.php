<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TrialRequest;
use App\Things\DraftTrial;
use Illuminate\Http\JsonResponse;

/** What a wire, terminal or tool would be to the rest of the shop while it is drawn; nothing is written. */
final class TrialController extends Controller
{
    public function __construct(private readonly DraftTrial $trial) {}

    public function tool(TrialRequest $request): JsonResponse
    {
        return $this->json($this->trial->tool($this->shop($request), self::item($request, 'tool'), $request->units(), $request->isShapeKnown()));
    }

    public function wire(TrialRequest $request): JsonResponse
    {
        return $this->json($this->trial->wire($this->shop($request), self::item($request, 'wire'), $request->units(), $request->isShapeKnown()));
    }

    public function terminal(TrialRequest $request): JsonResponse
    {
        return $this->json($this->trial->terminal($this->shop($request), self::item($request, 'terminal'), $request->units(), $request->isShapeKnown()));
    }
}
