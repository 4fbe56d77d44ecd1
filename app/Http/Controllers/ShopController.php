<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Http\Requests\CurrencyRequest;
use App\Http\Requests\OpeningRequest;
use App\Http\Requests\SettingsRequest;
use App\Models\Shop;
use App\Models\ShopSettings;
use App\People\Accounts;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

final class ShopController extends Controller
{
    /** A number that every change of the shop raises: whoever has seen another has to look again; what its prices are in, and how it tells things. */
    public function version(Request $request): JsonResponse
    {
        $shop = $this->shop($request)->refresh();

        return $this->json(['version' => $shop->version, 'currency' => $shop->currency, 'settings' => ShopSettings::of($shop)]);
    }

    /** The first lead names the shop and themselves; once. */
    public function open(OpeningRequest $request, Accounts $accounts): Response
    {
        $session = $request->hasSession() ? $request->session()->getId() : null;
        if (!$accounts->open($this->shop($request), $this->person($request), $request->shopName(), $request->name(), $request->email(), $request->password(), $session)) {
            throw new ConflictHttpException('The shop has a name already. Shop, Settings changes it.');
        }

        return new Response(status: 204);
    }

    /** What it is called, and how it tells things to who has chosen nothing else. */
    public function set(SettingsRequest $request, ShopStore $store, ShopChanges $changes): Response
    {
        return $this->gone(self::put($this->shop($request), Place::settings(), $request->settings(), $store, $changes));
    }

    /** What its prices are in from now on; no amount is turned into another. */
    public function price(CurrencyRequest $request, ShopStore $store, ShopChanges $changes): Response
    {
        return $this->gone(self::put($this->shop($request), Place::currency(), ['code' => $request->code()], $store, $changes));
    }

    /** @param array<string, string> $said what is not among it stays */
    private static function put(Shop $shop, Place $place, array $said, ShopStore $store, ShopChanges $changes): Written
    {
        return $store->change($shop, static function (Shop $locked) use ($place, $said, $changes): Written {
            $present = $changes->present($locked, $place);

            return $changes->write($locked, Event::Changed, [new Change($place, $present, (object) [...get_object_vars($present ?? new \stdClass()), ...$said])]);
        });
    }
}
