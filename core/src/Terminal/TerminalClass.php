<?php

declare(strict_types=1);

namespace Gondrik\Core\Terminal;

/** What decides how a wire is held. */
enum TerminalClass: string
{
    case Insulated = 'insulated';
    case HeatShrink = 'heat-shrink';
    case Bare = 'bare';
    case OpenBarrel = 'open-barrel';
    case SealedOpenBarrel = 'sealed-open-barrel';
    case SolidContact = 'solid-contact';
    case Ferrule = 'ferrule';
    case TwinFerrule = 'twin-ferrule';
    case Lug = 'lug';
    case Tap = 'tap';
    case Coax = 'coax';
    case Ignition = 'ignition';
    case SolderCup = 'solder-cup';
    case SolderSplice = 'solder-splice';
    case ScrewClamp = 'screw-clamp';

    public function isCrimped(): bool
    {
        return !$this->isSoldered() && $this !== self::ScrewClamp;
    }

    public function isSoldered(): bool
    {
        return $this === self::SolderCup || $this === self::SolderSplice;
    }

    /** Contacts and lugs: their barrel fits one size closely, so a trade equivalent far outside is makeshift. */
    public function holdsClosely(): bool
    {
        return $this->isContact() || $this === self::Lug;
    }

    public function isContact(): bool
    {
        return $this === self::OpenBarrel || $this === self::SealedOpenBarrel || $this === self::SolidContact;
    }

    /** A barrel that is rolled round the strands: a twisted bundle is cut by its wings. */
    public function isRolled(): bool
    {
        return $this === self::OpenBarrel || $this === self::SealedOpenBarrel;
    }

    public function isFerrule(): bool
    {
        return $this === self::Ferrule || $this === self::TwinFerrule;
    }

    public function takesUnstripped(): bool
    {
        return $this === self::Tap;
    }

    /** @return list<self> */
    public static function crimped(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $class): bool => $class->isCrimped()));
    }
}
