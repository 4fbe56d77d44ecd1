<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Figure;
use Gondrik\Core\Bench\Note;
use Gondrik\Core\Bench\NoteCode;
use Gondrik\Core\Bench\SleeveChoice;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Barrel;
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
        $isLined = self::isLined($line);
        $over = self::measures($line);
        if ($over === null) {
            return SleeveChoice::unknown($isLined, self::whyUnknown($line), self::cutLength($line));
        }
        $choice = SleeveChoice::of($over->widest, $over->narrowest, $over->covered, $isLined);

        return $over->covered === null ? $choice->withLength(self::cutLength($line)) : $choice;
    }

    public static function isLined(Line $line): bool
    {
        return $line->sleeve === Sleeve::Lined;
    }

    /** Null where no tube is slid on, or the workbook does not state what it goes over. */
    public static function measures(Line $line): ?TubeMeasures
    {
        $covered = self::under($line);
        if (!$line->sleeve->isTube() || $line->ends === [] || $covered?->od === null) {
            return null;
        }
        $diameters = [$covered->od];
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
        if (self::under($line)?->od === null) {
            return new Note(self::isOverPlastic($line) ? NoteCode::SleeveCoverUnknown : NoteCode::SleeveBarrelUnknown);
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

        return $covered === null ? SleeveChoice::unknownLength(new Note(self::isOverPlastic($line) ? NoteCode::SleeveCoverLengthUnknown : NoteCode::SleeveLengthUnknown)) : SleeveChoice::cutLength($covered);
    }

    /** What it goes over beside the insulation: the plastic of the terminal where there is any, and never the metal under that. */
    private static function under(Line $line): ?Barrel
    {
        return self::isOverPlastic($line) ? $line->terminal?->cover : $line->terminal?->barrel;
    }

    private static function isOverPlastic(Line $line): bool
    {
        return $line->terminal?->cover !== null || $line->terminal?->class->isInsulated() === true;
    }

    /** mm that lie under it: the barrel or its plastic, and some insulation on each side where a wire comes out. */
    private static function covered(Line $line): ?float
    {
        $length = self::under($line)?->length;

        return $length === null ? null : $length + SleeveChoice::ONTO_INSULATION * count($line->ends);
    }
}
