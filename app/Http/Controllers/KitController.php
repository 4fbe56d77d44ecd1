<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\KitResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class KitController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        return KitResource::collection($this->shop($request)->kits()->withCount('entries')->orderBy('position')->get());
    }
}
