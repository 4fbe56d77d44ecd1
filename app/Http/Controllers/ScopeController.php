<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ScopeCopyRequest;
use App\Http\Requests\ScopeMergeRequest;
use App\Http\Resources\ScopeResource;
use App\Lines\ScopeMaking;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class ScopeController extends Controller
{
    public function index(Request $request): AnonymousResourceCollection
    {
        return ScopeResource::collection($this->shop($request)->scopes()->withCount('lines')->orderBy('position')->get());
    }

    /** Another scope with the same lines. */
    public function copy(ScopeCopyRequest $request, ScopeMaking $scopes, string $scope): JsonResponse
    {
        return $this->written($scopes->copy($this->shop($request), $scope, $request->name(), $request->id()), 201);
    }

    /** Takes the lines of another scope in, and puts that one away. */
    public function merge(ScopeMergeRequest $request, ScopeMaking $scopes, string $scope): JsonResponse
    {
        $written = $scopes->merge($this->shop($request), $scope, $request->other());

        return $this->json(['change' => $written->entry], headers: self::entry($written));
    }
}
