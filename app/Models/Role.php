<?php

declare(strict_types=1);

namespace App\Models;

/** What a person is in the shop. */
enum Role: string
{
    case Lead = 'lead';
    case Coordinator = 'coordinator';
    case Hand = 'hand';

    /** Importing, and later editing, is for those who answer for the tools or the class. */
    public function maySetUpTheShop(): bool
    {
        return $this !== self::Hand;
    }
}
