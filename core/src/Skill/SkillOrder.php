<?php

declare(strict_types=1);

namespace Gondrik\Core\Skill;

use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Tool\Operation;

/** In which order skills are told: that of work, and of one operation by their names. */
final class SkillOrder
{
    private const OPERATIONS = [Operation::Cut, Operation::StripSheath, Operation::Strip, Operation::Crimp, Operation::Sleeve, Operation::Solder, Operation::Torque, Operation::PullTest, Operation::Extract, Operation::ShearScrew];

    /**
     * @param array<string, mixed> $bySkill
     *
     * @return array<string, mixed> the same, in order
     */
    public static function sorted(array $bySkill): array
    {
        uksort($bySkill, static fn(string $one, string $other): int => [self::place($one), $one] <=> [self::place($other), $other]);

        return $bySkill;
    }

    private static function place(string $skill): int
    {
        return (int) array_search(HandSkill::read($skill)->operation(), self::OPERATIONS, true);
    }
}
