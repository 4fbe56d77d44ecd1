<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Http\Requests\CurrencyRequest;
use App\Models\Shop;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class ShopController extends Controller
{
    /** A number that every change of the shop raises: whoever has seen another has to look again; and what its prices are in. */
    public function version(Request $request): JsonResponse
    {
        $shop = $this->shop($request)->newQuery()->whereKey($this->person($request)->shop_id)->firstOrFail(['version', 'currency']);

        return $this->json(['version' => $shop->version, 'currency' => $shop->currency]);
    }

    /** What its prices are in from now on; no amount is turned into another. */
    public function price(CurrencyRequest $request, ShopStore $store, ShopChanges $changes): Response
    {
        $code = $request->code();

        return $this->gone($store->change($this->shop($request), static function (Shop $locked) use ($code, $changes): Written {
            $place = Place::currency();

            return $changes->write($locked, Event::Changed, [new Change($place, $changes->present($locked, $place), (object) ['code' => $code])]);
        }));
    }
}
