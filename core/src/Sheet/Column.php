<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

/** What a column of a list of work can say. Those named as a key of the line write that key. */
enum Column: string
{
    case Quantity = 'quantity';
    /** A wire in words, with its size or without. */
    case Wire = 'wire';
    /** Parts of what is said of a wire; read together with it. */
    case WireSize = 'wireSize';
    case WireConstruction = 'wireConstruction';
    case WireInsulation = 'wireInsulation';
    /** Decides only between wires that are as good without it. */
    case WireColour = 'wireColour';
    case Terminal = 'terminal';
    /** The terminals at the two ends of a wire list: a row with them is two lines. */
    case TerminalFrom = 'terminalFrom';
    case TerminalTo = 'terminalTo';
    case WireB = 'wireB';
    case WiresInBarrel = 'wiresInBarrel';
    case Prep = 'prep';
    case Stud = 'stud';
    case Clamp = 'clamp';
    case Place = 'place';
    case Wet = 'wet';
    case Ambient = 'ambient';
    case NoMains = 'noMains';
    case Access = 'access';
    case MidSpan = 'midSpan';
    case Housing = 'housing';
    case Sleeve = 'sleeve';
    case Movable = 'movable';
    case Torque = 'torque';
    case Shear = 'shear';
    case Temperature = 'temperature';
    /** Steps put in and left out by hand. */
    case Add = 'add';
    case Drop = 'drop';
    case Note = 'note';
    /** What names a row or its places; kept in no line. */
    case Designation = 'designation';
    case From = 'from';
    case To = 'to';

    /** Whether it stands for a key of the line by itself, and not for a part of one. */
    public function isKey(): bool
    {
        return !$this->isPartOfWire() && !in_array($this, [self::TerminalFrom, self::TerminalTo, self::Designation, self::From, self::To], true);
    }

    public function isPartOfWire(): bool
    {
        return in_array($this, [self::WireSize, self::WireConstruction, self::WireInsulation, self::WireColour], true);
    }

    public function isYesOrNo(): bool
    {
        return in_array($this, [self::Wet, self::NoMains, self::MidSpan, self::Housing, self::Movable], true);
    }

    /** The value that is not written, by its word: for a column that takes one of a closed list. */
    public function default(): ?string
    {
        return match ($this) {
            self::Prep => 'none',
            self::Place => 'plain',
            self::Access => 'open',
            default => null,
        };
    }
}
