<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ScopeResource;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class ScopeController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        return ScopeResource::collection($this->shop($request)->scopes()->withCount('lines')->orderBy('position')->get());
    }
}
