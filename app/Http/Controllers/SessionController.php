<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Demo\DemoShop;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\PersonResource;
use App\Models\AccessToken;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

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
        // Scripts bring a token; a cookie is for the page, which says where it comes from.
        if (!$request->hasSession()) {
            throw new BadRequestHttpException('Signing in is for the page: it sends its own address as Origin or Referer. Scripts bring a token.');
        }
        $user = User::query()->where('email', $request->email())->whereNotNull('joined_at')->whereNull('left_at')->first();
        // The same work for an address that nobody has, so that the time taken does not tell which there are.
        $fits = $user === null ? Hash::make($request->password()) === '' : Hash::check($request->password(), $user->password);
        if ($user === null || !$fits) {
            throw ValidationException::withMessages(['email' => 'Address and password do not belong together.']);
        }
        Auth::guard('web')->login($user);
        $request->session()->regenerate();

        return new JsonResponse(['person' => new PersonResource($user), 'demo' => []]);
    }

    /** Ends the session of the page, or the token of a script. */
    public function destroy(Request $request): Response
    {
        $token = $this->person($request)->currentAccessToken();
        if ($token instanceof AccessToken) {
            $token->delete();
        }
        if ($request->hasSession()) {
            Auth::guard('web')->logout();
            $request->session()->invalidate();
            $request->session()->regenerateToken();
        }

        return new Response(status: 204);
    }
}
