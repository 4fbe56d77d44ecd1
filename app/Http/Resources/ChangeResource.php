<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Change;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Change */
final class ChangeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'event' => $this->event,
            'by' => $this->causer?->name,
            'at' => $this->created_at->toIso8601ZuluString(),
            'changes' => $this->shown->changes,
            'count' => $this->shown->count,
            // What an import did to house rules is told at the house rules.
            ...array_diff_key(get_object_vars($this->shown->more), ['rules' => null]),
        ];
    }
}
