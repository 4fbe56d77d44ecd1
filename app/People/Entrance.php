<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Coming in by a link that a lead has made: it works once, and not for long. */
final readonly class Entrance
{
    /** Whose link it is; null for one that was used, is too old, or never was. */
    public function whose(Entry $entry, string $email, string $token): ?User
    {
        $user = User::query()->where('email', $email)->whereNull('left_at')->first();

        // An address that nobody has is answered as one without a link: neither is compared with anything.
        return $user !== null && $entry->proofs()->tokenExists($user, $token) ? $user : null;
    }

    /** They have a password of their own from now on; wherever they were signed in before, they are no more. */
    public function comeIn(Entry $entry, User $user, string $token, string $password): bool
    {
        return DB::transaction(function () use ($entry, $user, $token, $password): bool {
            // One who presses twice comes in once.
            $locked = User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail();
            if (!$entry->proofs()->tokenExists($locked, $token)) {
                return false;
            }
            $locked->update(['password' => $password, 'joined_at' => $locked->joined_at ?? now()]);
            $locked->endEverywhere();
            $entry->proofs()->deleteToken($locked);

            return true;
        });
    }
}
