<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CopiesRequest;
use App\Http\Resources\CopyOfKit;
use App\Http\Resources\KitResource;
use App\Things\Copies;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class KitController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        return KitResource::collection($this->shop($request)->kits()->withCount('entries')->orderBy('position')->get());
    }

    /** The kits that are copies of one, and what each has otherwise. */
    public function copies(Request $request, Copies $copies, string $id): JsonResponse
    {
        return $this->json(['data' => array_map(CopyOfKit::of(...), $copies->of($this->shop($request), $id))]);
    }

    /** Some of them brought into line with it. */
    public function bring(CopiesRequest $request, Copies $copies, string $id): JsonResponse
    {
        $written = $copies->bring($this->shop($request), $id, $request->kits(), $request->boolean('withoutMore'));

        return $this->json(['change' => $written->entry ?? 0], headers: $written === null ? [] : self::entry($written));
    }
}
