<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Http\Request;

/** Controllers are thin: load, call the core, store, answer. No rule of the job stands here. */
abstract class Controller
{
    protected function person(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }

    protected function shop(Request $request): Shop
    {
        return Shop::ofId($this->person($request)->shop_id);
    }
}
