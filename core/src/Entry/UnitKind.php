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
