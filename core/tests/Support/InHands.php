<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Tool\Hand;
use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Worker;

/** The cases of hands.csv: one step of one line, in the hands of somebody. */
final class InHands
{
    /** @param array<string, string> $row of which the hand "none" is nobody in particular, and an empty one a person who states none */
    public static function report(array $row): Report
    {
        $ofKit = array_filter(Catalogue::words($row['rules']), static fn(string $word): bool => str_starts_with($word, 'kit.'));
        $workbook = Catalogue::workbook(
            $row['wire'],
            $row['terminal'],
            $row['line'],
            $row['tool'],
            implode(' ', array_diff(Catalogue::words($row['rules']), $ofKit)),
            str_replace('kit.', '', implode(' ', $ofKit)),
        );

        return Coverage::of(KitAsItStands::onPaper(Catalogue::kit($workbook))->with(self::worker($row)), $workbook->scopes[0], Catalogue::houseRules($workbook));
    }

    /** @param array<string, string> $row */
    public static function step(array $row): StepCover
    {
        foreach (self::report($row)->lines[0]->steps as $step) {
            if ($step->step->operation->value === $row['op']) {
                return $step;
            }
        }

        throw new \LogicException('The line of “' . $row['case'] . '” has no step ' . $row['op']);
    }

    /** @param array<string, string> $row */
    private static function worker(array $row): ?Worker
    {
        $grip = str_starts_with($row['hand'], 'gripForce=') ? (float) substr($row['hand'], strlen('gripForce=')) : null;

        return $row['hand'] === 'none' ? null : new Worker('ada', 'Ada', $grip === null ? null : new Hand($grip), array_map(HandSkill::read(...), Catalogue::words($row['signedOff'])));
    }
}
