<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** Who comes into a shop and as what. What somebody did stays theirs when they leave. */
final readonly class Accounts
{
    /** @return list<User> in the order in which they came, who has left at the end */
    public function of(Shop $shop): array
    {
        return array_values($shop->users()->orderByRaw('left_at is not null')->orderBy('id')->get()->all());
    }

    /** @throws ModelNotFoundException<User> when the shop has no such account */
    public function find(Shop $shop, int $id): User
    {
        return $shop->users()->whereKey($id)->firstOrFail();
    }

    /**
     * An account that nobody has come in with yet, and the link to do so.
     *
     * @throws InvalidWorkbook when the address or the person has an account already
     */
    public function askIn(Shop $shop, string $name, string $email, Role $role, ?string $person): Link
    {
        return DB::transaction(function () use ($shop, $name, $email, $role, $person): Link {
            $shop->lock();
            if (User::query()->where('email', $email)->whereNull('left_at')->exists()) {
                throw new InvalidWorkbook([new Problem('email', $email, 'an address that nobody comes in with already')]);
            }

            $user = User::query()->create([
                'shop_id' => $shop->id,
                'name' => $name,
                'email' => $email,
                'role' => $role,
                // Nobody knows it: who was asked in sets their own.
                'password' => Str::random(60),
                'person_id' => $this->personRow($shop, $person, null),
            ]);

            return $this->link($user->refresh());
        });
    }

    /**
     * @throws LastLead
     * @throws InvalidWorkbook when the shop has no such person, or another account is them
     */
    public function change(Shop $shop, User $user, string $name, Role $role, ?string $person): void
    {
        DB::transaction(function () use ($shop, $user, $name, $role, $person): void {
            $shop->lock();
            if ($role !== Role::Lead) {
                $this->refuseLastLead($shop, $user);
            }
            $user->update(['name' => $name, 'role' => $role, 'person_id' => $this->personRow($shop, $person, $user)]);
        });
    }

    /**
     * They come in no more, and neither do their scripts.
     *
     * @throws LastLead
     */
    public function takeOut(Shop $shop, User $user): void
    {
        DB::transaction(function () use ($shop, $user): void {
            $shop->lock();
            $this->refuseLastLead($shop, $user);
            $user->update(['left_at' => now(), 'person_id' => null]);
            $user->endEverywhere();
            $user->tokens()->delete();
            foreach (Entry::cases() as $entry) {
                $entry->proofs()->deleteToken($user);
            }
        });
    }

    /** @throws InvalidWorkbook when somebody else has the address meanwhile */
    public function bringBack(Shop $shop, User $user): void
    {
        DB::transaction(static function () use ($shop, $user): void {
            $shop->lock();
            if ($user->left_at !== null && User::query()->where('email', $user->email)->whereNull('left_at')->exists()) {
                throw new InvalidWorkbook([new Problem('email', $user->email, 'an address that nobody else comes in with meanwhile')]);
            }
            $user->update(['left_at' => null, 'person_id' => self::namesake($shop, $user)]);
        });
    }

    /** Whoever of the shop's people is called so and has no account; as who is asked in by that name is them. */
    private static function namesake(Shop $shop, User $user): ?int
    {
        $taken = $shop->users()->whereNotNull('person_id')->whereKeyNot($user->id)->pluck('person_id');
        $row = $user->person_id ?? $shop->listed('people')->where('name', $user->name)->whereIntegerNotInRaw('id', $taken)->value('id');

        return is_int($row) ? $row : null;
    }

    /** To come in for the first time while they have not, for a new password afterwards. The one before works no more. */
    public function link(User $user): Link
    {
        $entry = $user->joined_at === null ? Entry::Invitation : Entry::Reset;
        $token = DB::transaction(static fn(): string => $entry->proofs()->createToken($user));

        return new Link($user, $entry, $token, now()->addMinutes($entry->lasts()));
    }

    /**
     * Whoever opened the shop names it and themselves, with a password of their own in place of the one that was printed.
     * False where that was done.
     *
     * @throws InvalidWorkbook when somebody else comes in with the address
     */
    public function open(Shop $shop, User $user, string $shopName, string $name, string $email, string $password, ?string $session): bool
    {
        return DB::transaction(static function () use ($shop, $user, $shopName, $name, $email, $password, $session): bool {
            if (!$shop->lock()->is_unnamed) {
                return false;
            }
            if (User::query()->where('email', $email)->whereNull('left_at')->whereKeyNot($user->id)->exists()) {
                throw new InvalidWorkbook([new Problem('email', $email, 'an address that nobody else comes in with')]);
            }
            $shop->update(['name' => $shopName, 'is_unnamed' => false]);
            $user->update(['name' => $name, 'email' => $email, 'password' => $password]);
            $user->endEverywhere($session);

            return true;
        });
    }

    /** Their own, by the one that holds; they are signed out wherever else they are. False where it does not hold. */
    public function changePassword(User $user, string $current, string $password, ?string $session): bool
    {
        return DB::transaction(static function () use ($user, $current, $password, $session): bool {
            $fresh = User::query()->whereKey($user->id)->lockForUpdate()->firstOrFail();
            if (!Hash::check($current, $fresh->password)) {
                return false;
            }
            $fresh->update(['password' => $password]);
            $fresh->endEverywhere($session);

            return true;
        });
    }

    /** @throws LastLead */
    private function refuseLastLead(Shop $shop, User $user): void
    {
        $others = $shop->users()->where('role', Role::Lead)->whereNull('left_at')->whereNotNull('joined_at')->whereKeyNot($user->id);
        if ($user->role === Role::Lead && $user->joined_at !== null && $user->left_at === null && !$others->exists()) {
            throw new LastLead();
        }
    }

    /** @throws InvalidWorkbook */
    private function personRow(Shop $shop, ?string $person, ?User $user): ?int
    {
        if ($person === null) {
            return null;
        }
        $row = $shop->listed('people')->where('code', $person)->value('id');
        $isTaken = $row !== null && $shop->users()->where('person_id', $row)->whereKeyNot($user->id ?? 0)->exists();

        return is_int($row) && !$isTaken ? $row : throw new InvalidWorkbook([new Problem('person', $person, $isTaken ? 'a person whom no other account is' : 'a person of the shop')]);
    }
}
