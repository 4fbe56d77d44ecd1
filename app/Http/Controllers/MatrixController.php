<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MatrixRequest;
use App\Planning\ShopMatrix;
use Illuminate\Http\JsonResponse;

/** Every kit against every scope. */
final class MatrixController extends Controller
{
    public function show(MatrixRequest $request, ShopMatrix $matrix): JsonResponse
    {
        return $this->json($matrix->of($this->shop($request), $request->day(), $request->hand()));
    }
}
