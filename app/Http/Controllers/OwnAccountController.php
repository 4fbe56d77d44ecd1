<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PasswordRequest;
use App\Http\Requests\TokenRequest;
use App\People\Accounts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Laravel\Sanctum\PersonalAccessToken;

/** One's own account: the password, where one is signed in, and tokens for scripts. */
final class OwnAccountController extends Controller
{
    /** Wherever else one was signed in, one is no more. */
    public function changePassword(PasswordRequest $request, Accounts $accounts): Response
    {
        if (!$accounts->changePassword($this->person($request), $request->current(), $request->password(), self::session($request))) {
            throw ValidationException::withMessages(['current' => 'That is not the password that holds.']);
        }

        return new Response(status: 204);
    }

    public function endOthers(Request $request): Response
    {
        $this->person($request)->endEverywhere(self::session($request));

        return new Response(status: 204);
    }

    public function tokens(Request $request): JsonResponse
    {
        return $this->json(['data' => array_values($this->person($request)->tokens()->orderBy('id')->get()->map(self::token(...))->all())]);
    }

    /** It is shown this once. */
    public function makeToken(TokenRequest $request): JsonResponse
    {
        $made = $this->person($request)->createToken($request->name(), expiresAt: $request->until());

        return $this->json(['token' => self::token($made->accessToken), 'secret' => $made->plainTextToken], 201);
    }

    public function endToken(Request $request, int $token): Response
    {
        $this->person($request)->tokens()->whereKey($token)->firstOrFail()->delete();

        return new Response(status: 204);
    }

    /** Of this browser; null for a script. */
    private static function session(Request $request): ?string
    {
        return $request->hasSession() ? $request->session()->getId() : null;
    }

    /** @return array<string, mixed> */
    private static function token(PersonalAccessToken $token): array
    {
        return [
            'id' => $token->id,
            'name' => $token->name,
            'madeAt' => $token->created_at?->toIso8601ZuluString(),
            'lastUsedAt' => $token->last_used_at?->toIso8601ZuluString(),
            'until' => $token->expires_at?->toDateString(),
        ];
    }
}
