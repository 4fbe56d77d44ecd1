<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

/** The formulas that figures are computed by; data/formulas.csv has them written out, with source and recall. */
enum Formula: string
{
    case Gauge = 'gauge';
    case Circle = 'circle';
    case Kcmil = 'kcmil';
    case Concentric = 'concentric';
    case Bunched = 'bunched';
    case StrandOfSpecification = 'strand-of-specification';
    case StrandStated = 'strand-stated';
    case Stranded = 'stranded';
    case Fine = 'fine';
    case SleeveRatio = 'sleeve-ratio';
    case CutLength = 'cut-length';
    case SolidDamage = 'solid-damage';
    case Exposed = 'exposed';
    case Fill = 'fill';
    case Pulls = 'pulls';
    case StrandArea = 'strand-area';
    case SolidArea = 'solid-area';
    case StrandedArea = 'stranded-area';
    case SizeError = 'size-error';
    case BendTest = 'bend-test';
    case Hole = 'hole';
    case Wall = 'wall';
    case NotchVerdict = 'notch-verdict';
    case SizeSeries = 'size-series';
    case RowInRange = 'row-in-range';
    case StandardByClass = 'standard-by-class';
    case CodeForm = 'code-form';
}
