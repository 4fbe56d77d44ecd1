<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ShopController extends Controller
{
    /** A number that every change of the shop raises: whoever has seen another has to look again. */
    public function version(Request $request): JsonResponse
    {
        return $this->json(['version' => $this->shop($request)->newQuery()->whereKey($this->person($request)->shop_id)->value('version')]);
    }
}
