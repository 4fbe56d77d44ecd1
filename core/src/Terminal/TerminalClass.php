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
    case Ribbon = 'ribbon';
    case Coax = 'coax';
    case Ignition = 'ignition';
    case SolderCup = 'solder-cup';
    case SolderSplice = 'solder-splice';
    case ScrewClamp = 'screw-clamp';
    case PushIn = 'push-in';
    case TwistOn = 'twist-on';

    public function isCrimped(): bool
    {
        return match ($this) {
            self::SolderCup, self::SolderSplice, self::ScrewClamp, self::PushIn, self::TwistOn => false,
            default => true,
        };
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

    /** Its size is that of each wire, not of all that lie together. */
    public function isSizedForEach(): bool
    {
        return $this === self::TwinFerrule || $this === self::TwistOn;
    }

    /** Plastic covers the barrel: nobody who measures it sees the metal. */
    public function isInsulated(): bool
    {
        return $this === self::Insulated || $this === self::HeatShrink;
    }

    /** No standard of pull-out forces is about it. */
    public function isBeyondPullStandards(): bool
    {
        return match ($this) {
            self::Tap, self::Ribbon, self::TwistOn, self::Coax, self::Ignition => true,
            default => $this->isSoldered(),
        };
    }

    /** Its clamp presses on the strands themselves: bare fine ones spread. */
    public function pressesStrands(): bool
    {
        return $this === self::ScrewClamp || $this === self::PushIn;
    }

    /** A barrel that is closed round the strands, where a solid conductor has no hold. */
    public function wantsStrands(): bool
    {
        return match ($this) {
            self::Tap, self::Ribbon, self::Coax, self::Ignition => false,
            default => $this->isCrimped(),
        };
    }

    public function takesUnstripped(): bool
    {
        return $this === self::Tap || $this === self::Ribbon;
    }

    /** @return list<self> */
    public static function crimped(): array
    {
        return array_values(array_filter(self::cases(), static fn(self $class): bool => $class->isCrimped()));
    }
}
