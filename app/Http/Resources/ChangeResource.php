<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Change;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Change */
final class ChangeResource extends JsonResource
{
    /** Of an entry with very many changes the first are told, and how many there are. */
    private const SHOWN = 20;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $more = get_object_vars($this->properties);
        $changes = $this->properties->changes;
        unset($more['changes']);

        return [
            'id' => $this->id,
            'event' => $this->event,
            'by' => $this->causer?->name,
            'at' => $this->created_at->toIso8601ZuluString(),
            'changes' => array_slice($changes, 0, self::SHOWN),
            'count' => count($changes),
            ...$more,
        ];
    }
}
