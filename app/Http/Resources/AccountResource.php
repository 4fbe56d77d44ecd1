<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin User */
final class AccountResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'email' => $this->email,
            'role' => $this->role->value,
            'person' => $this->personCode(),
            'joinedAt' => $this->joined_at?->toIso8601ZuluString(),
            'lastSeenAt' => $this->last_seen_at?->toIso8601ZuluString(),
            'leftAt' => $this->left_at?->toIso8601ZuluString(),
            'isYou' => $this->id === $request->user()?->getAuthIdentifier(),
        ];
    }
}
