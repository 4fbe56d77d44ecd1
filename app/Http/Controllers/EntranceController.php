<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EntranceRequest;
use App\Http\Requests\LinkRequest;
use App\Http\Resources\PersonResource;
use App\Models\User;
use App\People\Entrance;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\GoneHttpException;

/** Coming in by a link. */
final class EntranceController extends Controller
{
    public function __construct(private readonly Entrance $entrance) {}

    /** Whom the link is for and where it leads; the same of all that lead nowhere. */
    public function show(LinkRequest $request): JsonResponse
    {
        $user = $this->whose($request);

        return $this->json(['name' => $user->name, 'shop' => $user->shop->name, 'role' => $user->role->value]);
    }

    public function store(EntranceRequest $request): JsonResponse
    {
        if (!$request->hasSession()) {
            throw new BadRequestHttpException('Coming in is for the page: it sends its own address as Origin or Referer. Scripts bring a token.');
        }
        $user = $this->whose($request);
        if (!$this->entrance->comeIn($request->by(), $user, $request->token(), $request->password())) {
            throw self::nowhere();
        }
        Auth::guard('web')->login($user->refresh());
        $request->session()->regenerate();

        return new JsonResponse(['person' => new PersonResource($user), 'demo' => []]);
    }

    private function whose(LinkRequest|EntranceRequest $request): User
    {
        return $this->entrance->whose($request->by(), $request->email(), $request->token())?->load('shop') ?? throw self::nowhere();
    }

    private static function nowhere(): GoneHttpException
    {
        return new GoneHttpException('This link was used already, or is too old. Whoever leads the shop can make a new one.');
    }
}
