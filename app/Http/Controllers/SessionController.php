<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Demo\DemoShop;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\PersonResource;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SessionController extends Controller
{
    /** Who is signed in; the demo accounts only while the demo data is loaded. */
    public function show(Request $request, DemoShop $demo): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse([
            'person' => $user instanceof User ? new PersonResource($user) : null,
            'demo' => $demo->isLoaded() ? $demo->accounts() : [],
        ]);
    }

    public function store(SignInRequest $request): JsonResponse
    {
        if (!Auth::guard('web')->attempt(['email' => $request->email(), 'password' => $request->password()])) {
            throw ValidationException::withMessages(['email' => 'Address and password do not belong together.']);
        }
        $request->session()->regenerate();
        $user = Auth::guard('web')->user();
        assert($user instanceof User);

        return new JsonResponse(['person' => new PersonResource($user), 'demo' => []]);
    }

    public function destroy(Request $request): Response
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }
}
