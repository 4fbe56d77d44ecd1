<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AccountRequest;
use App\Http\Resources\AccountResource;
use App\Models\User;
use App\People\Accounts;
use App\People\AskedIn;
use App\People\Link;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Who comes into the shop: for its lead. */
final class AccountController extends Controller
{
    public function __construct(private readonly Accounts $accounts) {}

    public function index(Request $request): JsonResponse
    {
        return $this->json(['data' => AccountResource::collection($this->accounts->of($this->shop($request)))->resolve($request)]);
    }

    public function store(AccountRequest $request): JsonResponse
    {
        return $this->linked($request, $this->accounts->askIn($this->shop($request), $request->name(), $request->email(), $request->role(), $request->person()), 201);
    }

    public function update(AccountRequest $request, int $account): JsonResponse
    {
        $shop = $this->shop($request);
        $user = $this->accounts->find($shop, $account);
        $this->accounts->change($shop, $user, $request->name(), $request->role(), $request->person());

        return $this->told($request, $user);
    }

    /** A new link, for who has lost theirs or their password. */
    public function link(Request $request, int $account): JsonResponse
    {
        $user = $this->accounts->find($this->shop($request), $account);

        return $user->left_at === null ? $this->linked($request, $this->accounts->link($user)) : throw new ConflictHttpException('Who has left gets no link: bring them back first.');
    }

    public function destroy(Request $request, int $account): Response
    {
        $shop = $this->shop($request);
        $this->accounts->takeOut($shop, $this->accounts->find($shop, $account));

        return new Response(status: 204);
    }

    public function bringBack(Request $request, int $account): JsonResponse
    {
        $shop = $this->shop($request);
        $user = $this->accounts->find($shop, $account);
        $this->accounts->bringBack($shop, $user);

        return $this->told($request, $user);
    }

    /** It is shown, and mailed where a mailer is set; where it cannot be mailed, it is shown all the same. */
    private function linked(Request $request, Link $link, int $status = 200): JsonResponse
    {
        $address = $link->address(rtrim(config()->string('app.url'), '/'));
        rescue(fn() => $link->user->notify(new AskedIn($link->entry, $address, $link->user->shop()->firstOrFail()->name, $this->person($request)->name, $link->until)));

        return $this->json(['account' => (new AccountResource($link->user))->resolve($request), 'link' => $address, 'until' => $link->until->toIso8601ZuluString()], $status);
    }

    private function told(Request $request, User $user): JsonResponse
    {
        return $this->json((new AccountResource($user->refresh()))->resolve($request));
    }
}
