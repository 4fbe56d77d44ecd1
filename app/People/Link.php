<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use Illuminate\Support\Carbon;

/** What somebody comes in by: it works once, up to its last moment. */
final readonly class Link
{
    public function __construct(public User $user, public Entry $entry, public string $token, public Carbon $until) {}

    /** What the page is opened with: behind the hash, so that no log of a server has it. */
    public function address(string $page): string
    {
        return $page . '/enter#' . http_build_query(['by' => $this->entry->value, 'email' => $this->user->email, 'token' => $this->token]);
    }
}
