<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Support\Facades\Password;

/** How somebody comes in by a link: for the first time, or with a new password. */
enum Entry: string
{
    case Invitation = 'invitation';
    case Reset = 'reset';

    /** What keeps the proofs of such links: hashed, one for each address, for so long (config/auth.php). */
    public function proofs(): PasswordBroker
    {
        $broker = Password::broker($this->name());
        assert($broker instanceof PasswordBroker);

        return $broker;
    }

    /** In minutes. */
    public function lasts(): int
    {
        return config()->integer('auth.passwords.' . $this->name() . '.expire');
    }

    private function name(): string
    {
        return match ($this) {
            self::Invitation => 'invitations',
            self::Reset => 'resets',
        };
    }
}
