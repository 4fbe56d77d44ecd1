<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

/** What is worth a word beside a figure; the sentences stand in data/notes.csv. */
enum NoteCode: string
{
    case RowNextLarger = 'row.next-larger';
    case RowBelowTable = 'row.below-table';
    case RowAboveTable = 'row.above-table';
    case PullNoStandard = 'pull.no-standard';
    case PullNotHeld = 'pull.not-held';
    case SeriesEnds = 'series.ends';
    case SleeveNone = 'sleeve.none';
    case SleeveBarrelUnknown = 'sleeve.barrel-unknown';
    case SleeveCoverUnknown = 'sleeve.cover-unknown';
    case SleeveCoverLengthUnknown = 'sleeve.cover-length-unknown';
    case SleeveInsulationUnknown = 'sleeve.insulation-unknown';
    case SleeveLengthUnknown = 'sleeve.length-unknown';
    case IdentifyReadAsSolid = 'identify.read-as-solid';
    case IdentifyContradicts = 'identify.contradicts';
    case IdentifyNotBent = 'identify.not-bent';
    case IdentifyNoStranding = 'identify.no-stranding';
    case IdentifyNotCounted = 'identify.not-counted';
    case IdentifyByStranding = 'identify.by-stranding';
    case IdentifyFar = 'identify.far';
    case NotchInsulationUnknown = 'notch.insulation-unknown';
    case NotchOwnLabel = 'notch.own-label';
    case PercentCutOff = 'strands.percent-cut-off';
}
