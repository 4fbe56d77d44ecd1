<?php

declare(strict_types=1);

namespace App\People;

/** A shop has one lead at least who has come in: the last neither leaves nor becomes something else. */
final class LastLead extends \DomainException
{
    public function __construct()
    {
        parent::__construct('This is the only lead of the shop. Make somebody else a lead first.');
    }
}
