<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Kit;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Kit */
final class KitResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['id' => $this->code, 'name' => $this->name, 'note' => $this->note, 'tools' => $this->getAttribute('entries_count'), 'tracked' => $this->tracked];
    }
}
