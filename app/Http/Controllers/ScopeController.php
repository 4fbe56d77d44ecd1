<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Scope;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ScopeController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        $scopes = $this->shop($request)->scopes()->withCount('lines')->orderBy('position')->get();

        return new JsonResponse(['data' => $scopes->map(static fn(Scope $scope): array => [
            'id' => $scope->code,
            'name' => $scope->name,
            'note' => $scope->note,
            'lines' => $scope->getAttribute('lines_count'),
        ])]);
    }
}
