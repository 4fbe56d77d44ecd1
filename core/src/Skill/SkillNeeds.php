<?php

declare(strict_types=1);

namespace Gondrik\Core\Skill;

use Gondrik\Core\Match\LineChecks;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Steps;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Scope\Step;

/** Which skills the work asks for. */
final class SkillNeeds
{
    /**
     * @param list<Scope>                 $scopes
     * @param \Closure(Scope): HouseRules $rules
     *
     * @return array<string, int> terminations by skill, in the order of work: a line counts once for a skill, a faulty one for none
     */
    public static function of(array $scopes, \Closure $rules): array
    {
        return array_map(array_sum(...), self::byScope($scopes, $rules));
    }

    /**
     * @param list<Scope>                 $scopes
     * @param \Closure(Scope): HouseRules $rules
     *
     * @return array<string, array<string, int>> the same by skill and scope
     */
    public static function byScope(array $scopes, \Closure $rules): array
    {
        $needed = [];
        foreach ($scopes as $scope) {
            $inForce = $rules($scope);
            $checks = new LineChecks($inForce);
            $steps = new Steps(new Operations($inForce));
            foreach ($scope->whole()->lines as $line) {
                $skills = array_map(static fn(Step $step): ?string => $step->skill($line)?->name, $checks->areFaulty($line) ? [] : $steps->of($line));
                foreach (array_unique(array_filter($skills)) as $skill) {
                    $needed[$skill][$scope->id] = ($needed[$skill][$scope->id] ?? 0) + $line->quantity;
                }
            }
        }

        return SkillOrder::sorted($needed);
    }
}
