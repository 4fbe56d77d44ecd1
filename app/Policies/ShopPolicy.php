<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** What a person may do in their own shop; other shops are out of reach by construction. */
final class ShopPolicy
{
    /** Every person of the shop reads everything in it. */
    public function read(User $user): bool
    {
        return true;
    }

    /** Importing, taking back, and later editing. */
    public function setUp(User $user): bool
    {
        return $user->role->maySetUpTheShop();
    }
}
