<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** What a person may do in their own shop; other shops are out of reach by construction. */
final class ShopPolicy
{
    /** Every person of the shop sees its kits and scopes and what covers what; what tools cost, only who may export. */
    public function read(User $user): bool
    {
        return true;
    }

    /** The whole shop as one file, with what everything costs, is for those who set it up. */
    public function export(User $user): bool
    {
        return $user->role->maySetUpTheShop();
    }

    /**
     * Importing and taking back, and later editing. A lead and a coordinator may take back each other's imports: whoever sees
     * the mistake mends it, nothing that came after can be lost by it, and the import keeps who it was.
     */
    public function setUp(User $user): bool
    {
        return $user->role->maySetUpTheShop();
    }
}
