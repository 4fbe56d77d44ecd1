<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shop;
use App\Models\User;

/** For requests about the work in somebody's hands: one's own, or of others who may see what they can do. */
trait NamesHand
{
    use NamesThings;

    public function authorize(): bool
    {
        $hand = $this->input('hand');
        $user = $this->user();

        return !is_string($hand) || !$user instanceof User || $user->can('seePerson', [Shop::class, $hand]);
    }

    /** Id of a person; null for nobody in particular. */
    public function hand(): ?string
    {
        return $this->has('hand') ? $this->string('hand')->value() : null;
    }
}
