<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shop;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SessionController extends Controller
{
    /** Who is signed in; the demo accounts only while the demo data is loaded. */
    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse([
            'person' => $user instanceof User ? $this->describe($user) : null,
            'demo' => Shop::query()->where('is_demo', true)->exists() ? DemoSeeder::accounts() : [],
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(['email' => ['required', 'string', 'max:254'], 'password' => ['required', 'string', 'max:1000']]);
        $email = mb_strtolower(trim($given['email']));
        if (!Auth::guard('web')->attempt(['email' => $email, 'password' => $given['password']])) {
            throw ValidationException::withMessages(['email' => 'Address and password do not belong together.']);
        }
        $request->session()->regenerate();
        $user = Auth::guard('web')->user();
        assert($user instanceof User);

        return new JsonResponse(['person' => $this->describe($user), 'demo' => []]);
    }

    public function destroy(Request $request): Response
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }

    /** @return array<string, mixed> */
    private function describe(User $user): array
    {
        return [
            'name' => $user->name,
            'email' => $user->email,
            'role' => $user->role->value,
            'shop' => $user->shop()->firstOrFail()->name,
            'maySetUpTheShop' => $user->role->maySetUpTheShop(),
        ];
    }
}
