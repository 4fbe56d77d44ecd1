<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

/** What pulls make of a size of a nest. Sentences: words.csv, `proven`. */
enum ProvenState: string
{
    /** It is proven by them, and the model does not say so yet. */
    case Offered = 'offered';
    /** It is proven by them, but between it and what the model calls proven lie sizes that are not. */
    case Apart = 'apart';
    /** The model says that it is proven, and they bear that out. */
    case Holds = 'holds';
    /** The model says that it is proven, and they no longer bear that out. */
    case Lost = 'lost';
    case TooFew = 'too-few';
    case NotInControl = 'not-in-control';
    case NotCapable = 'not-capable';
    /** Nothing says what it must hold. */
    case NoRequirement = 'no-requirement';
    /** The pulls name no nest of the tool. */
    case NoNest = 'no-nest';
}
