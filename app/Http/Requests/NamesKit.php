<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** For requests about the kit in hand, where there is one. */
trait NamesKit
{
    use NamesThings;

    /** Null while none is in hand. */
    public function kit(): ?string
    {
        return $this->has('kit') ? $this->string('kit')->value() : null;
    }
}
