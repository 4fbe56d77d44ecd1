<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\ShopSettings;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin User */
final class PersonResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $shop = $this->shop()->firstOrFail();

        return [
            'id' => $this->id,
            'name' => $this->name,
            'email' => $this->email,
            'role' => $this->role->value,
            'shop' => $shop->name,
            'shopId' => $this->shop_id,
            'currency' => $shop->currency,
            'settings' => ShopSettings::of($shop),
            'shopIsUnnamed' => $shop->is_unnamed,
            'person' => $this->personCode(),
            'maySetUpTheShop' => $this->role->maySetUpTheShop(),
        ];
    }
}
