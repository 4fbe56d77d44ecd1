<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Scope;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin Scope */
final class ScopeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['id' => $this->code, 'name' => $this->name, 'note' => $this->note, 'lines' => $this->getAttribute('lines_count'), 'archived' => $this->archived, 'pieces' => $this->pieces === null ? null : (object) $this->pieces];
    }
}
