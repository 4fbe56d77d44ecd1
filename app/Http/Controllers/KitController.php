<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Kit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class KitController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        $kits = $this->shop($request)->kits()->withCount('entries')->orderBy('position')->get();

        return new JsonResponse(['data' => $kits->map(static fn(Kit $kit): array => [
            'id' => $kit->code,
            'name' => $kit->name,
            'note' => $kit->note,
            'tools' => $kit->getAttribute('entries_count'),
        ])]);
    }
}
