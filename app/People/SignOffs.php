<?php

declare(strict_types=1);

namespace App\People;

use Gondrik\Core\Output\SkillWriter;
use Gondrik\Core\Skill\SignOffWanted;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\Workbook;

/** The sign-offs of a shop that wait for somebody to give them. */
final readonly class SignOffs
{
    /** So many days ahead it is told that one will lapse. */
    private const DAYS = 31;

    /**
     * @param Workbook    $workbook with the skills of its people
     * @param string|null $reader   of whom alone it is told; null for all
     *
     * @return list<array<string, mixed>>
     */
    public static function of(Workbook $workbook, Day $day, ?string $reader): array
    {
        return array_map((new SkillWriter())->wanted(...), array_values(array_filter(
            SignOffWanted::of($workbook->skills($day), $day, self::DAYS),
            static fn(SignOffWanted $one): bool => $reader === null || $one->person->id === $reader,
        )));
    }
}
