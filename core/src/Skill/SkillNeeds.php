<?php

declare(strict_types=1);

namespace Gondrik\Core\Skill;

use Gondrik\Core\Log\HandSkill;
use Gondrik\Core\Match\LineChecks;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Steps;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;

/** Which skills the work asks for. */
final class SkillNeeds
{
    /** What a hand must be able to do for a step; null for one that says too little of itself (a crimp without a terminal). */
    public static function skillOf(Line $line, Step $step): ?HandSkill
    {
        $kind = match ($step->operation) {
            Operation::Strip => $step->wire()?->insulation->group()->value,
            Operation::Crimp => $line->terminal?->class->value,
            default => '',
        };

        return $kind === null ? null : HandSkill::read($step->operation->value . ($kind === '' ? '' : ':' . $kind));
    }

    /**
     * @param list<Scope>                 $scopes
     * @param \Closure(Scope): HouseRules $rules
     *
     * @return array<string, int> terminations by skill, in the order of work: a line counts once for a skill, a faulty one for none
     */
    public static function of(array $scopes, \Closure $rules): array
    {
        $needed = [];
        foreach ($scopes as $scope) {
            $inForce = $rules($scope);
            $checks = new LineChecks($inForce);
            $steps = new Steps(new Operations($inForce));
            foreach ($scope->lines as $line) {
                $isFaulty = array_filter($checks->of($line), static fn(Reason $check): bool => $check->fit === Fit::Unsuitable) !== [];
                $skills = array_map(static fn(Step $step): ?string => self::skillOf($line, $step)?->name, $isFaulty ? [] : $steps->of($line));
                foreach (array_unique(array_filter($skills)) as $skill) {
                    $needed[$skill] = ($needed[$skill] ?? 0) + $line->quantity;
                }
            }
        }

        return SkillOrder::sorted($needed);
    }
}
