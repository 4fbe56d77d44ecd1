<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** What a piece of an entry looks like, before anybody knows what it stands for. */
enum UnitKind
{
    /** An arrow between wire and terminal. */
    case Arrow;
    case Comma;
    case Plus;
    /** A size or a range with its unit. */
    case Size;
    /** "4 mm": a diameter, or an area that lost its ². */
    case Millimetres;
    /** "⌀ 4 mm", "4 mm OD": the outside diameter of a wire. */
    case Outside;
    /** The full name of something that is known. */
    case Named;
    /** A number alone. */
    case Bare;
    /** A number with ×, x, * or pcs. */
    case Times;
    /** "#10": a gauge or a stud. */
    case Hash;
    case Stud;
    case Torque;
    case Temperature;
    /** "2 per barrel" */
    case PerBarrel;
    case Word;
}
