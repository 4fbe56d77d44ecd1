<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Figure;
use Gondrik\Core\Bench\Note;
use Gondrik\Core\Bench\NoteCode;
use Gondrik\Core\Bench\SleeveChoice;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Sleeve;

/** The tube that is slid over the termination of a line. */
final readonly class SleeveOver
{
    /** Null where none is slid on: a heat-shrink terminal brings its own. */
    public static function line(Line $line): ?SleeveChoice
    {
        if (!$line->sleeve->isTube() || $line->ends === []) {
            return null;
        }
        $isLined = $line->sleeve === Sleeve::Lined;
        $over = self::measures($line);
        if ($over === null) {
            return SleeveChoice::unknown($isLined, self::whyUnknown($line), self::cutLength($line));
        }
        $choice = SleeveChoice::of($over->widest, $over->narrowest, $over->covered, $isLined);

        return $over->covered === null ? $choice->withLength(self::cutLength($line)) : $choice;
    }

    /** Null where no tube is slid on, or the workbook does not state what it goes over. */
    public static function measures(Line $line): ?TubeMeasures
    {
        $barrel = $line->terminal?->barrel;
        if (!$line->sleeve->isTube() || $line->ends === [] || $barrel?->od === null) {
            return null;
        }
        $diameters = [$barrel->od];
        foreach ($line->ends as $end) {
            $od = $end->insulationOd();
            if ($od === null) {
                return null;
            }
            $diameters[] = $od;
        }

        return new TubeMeasures(max($diameters), min($diameters), self::covered($line));
    }

    private static function whyUnknown(Line $line): Note
    {
        if ($line->terminal?->barrel?->od === null) {
            return new Note(NoteCode::SleeveBarrelUnknown);
        }
        foreach ($line->ends as $end) {
            if ($end->wire->insulationOd === null) {
                return new Note(NoteCode::SleeveInsulationUnknown, ['wire' => $end->wire->name]);
            }
        }
        throw new \LogicException('what a tube goes over is known');
    }

    private static function cutLength(Line $line): Figure
    {
        $covered = self::covered($line);

        return $covered === null ? SleeveChoice::unknownLength(new Note(NoteCode::SleeveLengthUnknown)) : SleeveChoice::cutLength($covered);
    }

    /** mm that lie under it: the barrel, and some insulation on each side where a wire comes out. */
    private static function covered(Line $line): ?float
    {
        $length = $line->terminal?->barrel?->length;

        return $length === null ? null : $length + SleeveChoice::ONTO_INSULATION * count($line->ends);
    }
}
