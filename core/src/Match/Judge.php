<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Access;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Energy;
use Gondrik\Core\Tool\Hand;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Position;
use Gondrik\Core\Tool\Skill;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Tolerance;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Verdict\Verdict;

/**
 * A tool against a work, whatever else is in the kit: what holds for any tool, then the operation's own rules. What a tool
 * requires of others is asked apart (Requirements).
 */
final readonly class Judge
{
    public function __construct(private Operations $operations, private HouseRules $house) {}

    /**
     * In numbers: the fit and, for a miss, how far off it is. The tool must have the operation.
     *
     * @param int $missing how many required tools cannot be used (Requirements)
     */
    public function verdict(TakingPart $part, Operation $operation, Work $work, int $missing = 0): Verdict
    {
        $tool = $part->tool;
        $rules = $this->operations->of($operation);
        $best = null;
        foreach ($tool->capabilitiesFor($operation) as $capability) {
            $findings = Findings::counting();
            $this->ask($tool, $capability, $rules, $work, $findings);
            self::standing($part, $findings);
            for ($n = 0; $n < $missing; $n++) {
                $findings->add(ReasonCode::RequiresMissing, Fit::Unsuitable);
            }
            $verdict = $findings->verdict();
            $best = $best === null || $verdict->compare($best) < 0 ? $verdict : $best;
        }

        return $best ?? throw new \LogicException($tool->id . ' does not ' . $operation->value);
    }

    /**
     * The same to choose by: less is better, 0 is proper without a remark; null is unsuitable, or no better than the limit.
     *
     * @param OperationRules<Work, Capability> $rules of the operation, which the tool must have
     */
    public function choice(Tool $tool, Operation $operation, OperationRules $rules, Work $work, int $limit = PHP_INT_MAX): ?int
    {
        $best = null;
        foreach ($tool->capabilitiesFor($operation) as $capability) {
            $findings = Findings::choosing($best ?? $limit);
            $this->ask($tool, $capability, $rules, $work, $findings);
            if (!$findings->isLost()) {
                $best = $findings->score();
            }
        }

        return $best;
    }

    /**
     * In full, with every reason.
     *
     * @param list<string> $missing names of required tools that cannot be used (Requirements)
     */
    public function match(TakingPart $part, Operation $operation, Work $work, array $missing = []): ToolMatch
    {
        [, $findings, $capability, $place] = $this->best($part->tool, $operation, $work, Findings::telling());
        self::standing($part, $findings);
        foreach ($missing as $name) {
            $findings->add(ReasonCode::RequiresMissing, Fit::Unsuitable, ['tool' => $name]);
        }

        return new ToolMatch($part, $capability, $place, $findings->verdict(), $findings->reasons());
    }

    /**
     * The best of a tool's capabilities, the first among equals; what comes after a perfect one is not asked.
     *
     * @return array{Verdict, Findings, Capability, Position|Nest|null}
     */
    private function best(Tool $tool, Operation $operation, Work $work, Findings $findings): array
    {
        $rules = $this->operations->of($operation);
        $best = null;
        foreach ($tool->capabilitiesFor($operation) as $capability) {
            $found = $best === null ? $findings : $findings->fresh();
            $place = $this->ask($tool, $capability, $rules, $work, $found);
            $verdict = $found->verdict();
            if ($best === null || $verdict->compare($best[0]) < 0) {
                $best = [$verdict, $found, $capability, $place];
            }
            if ($verdict->isPerfect()) {
                break;
            }
        }

        return $best ?? throw new \LogicException($tool->id . ' does not ' . $operation->value);
    }

    /** How it stands in the kit: found after its place, which it does not change. */
    private static function standing(TakingPart $part, Findings $findings): void
    {
        if ($part->isShared) {
            $findings->add(ReasonCode::ToolShared, Fit::Proper);
        }
        if ($part->isSeldom) {
            $findings->add(ReasonCode::ConditionSeldom, Fit::Makeshift);
        }
    }

    /** What the same makes of a score that knows nothing of how the tool stands in the kit. */
    public static function standingScore(TakingPart $part, int $score): int
    {
        $remarks = ($part->isShared ? 1 : 0) + ($part->isSeldom ? 1 : 0);

        return $score + $remarks + ($part->isSeldom && $score < Findings::MAKESHIFT ? Findings::MAKESHIFT : 0);
    }

    /** @param OperationRules<Work, Capability> $rules */
    private function ask(Tool $tool, Capability $capability, OperationRules $rules, Work $work, Findings $findings): Position|Nest|null
    {
        $place = $rules->judge($work, $capability, $findings);
        if ($findings->isLost()) {
            return $place;
        }
        if (!$capability->isPlain) {
            $this->anyCapability($capability, $work, $rules->weighsProven(), $findings);
        }
        if (!$work->conditions->isPlain || $tool->needs->inPlaceOnly) {
            $this->anyTool($tool, $work->conditions, $findings);
        }

        return $place;
    }

    private function anyCapability(Capability $capability, Work $work, bool $isProvenWeighed, Findings $findings): void
    {
        if ($capability->grade === Fit::Makeshift) {
            $findings->add(ReasonCode::GradeMakeshift, Fit::Makeshift);
        }
        if ($capability->skill === Skill::Trained) {
            // Of somebody in particular it is a fact; else the house says what its hands are.
            $isTrained = $work->conditions->isTrained;
            $numbers = $work->conditions->worker === null ? [] : ['worker' => $work->conditions->worker];
            $rule = $isTrained === null ? $this->house->changed(HouseRule::TrainedHands) : null;
            $isTrained ?? $this->house->trainedHands
                ? $findings->add(ReasonCode::SkillTrained, Fit::Proper, $numbers, rule: $rule)
                : $findings->add(ReasonCode::SkillUntrained, Fit::Unsuitable, $numbers, rule: $rule);
        }
        $size = $isProvenWeighed || $capability->proven === null ? null : $work->size();
        if ($size !== null) {
            SizeCheck::proven($size, $capability->proven, $findings);
        }
    }

    private function anyTool(Tool $tool, Conditions $conditions, Findings $findings): void
    {
        if ($conditions->noMains && $tool->needs->energy === Energy::Mains) {
            $findings->add(ReasonCode::EnergyNoMains, Fit::Unsuitable);
        }
        match ($conditions->access) {
            Access::Open => null,
            Access::Tight => $findings->add(ReasonCode::AccessTight, $tool->handling->compact ? Fit::Proper : Fit::Makeshift),
            Access::OneHanded => $findings->add(ReasonCode::AccessOneHanded, $tool->handling->oneHanded ? Fit::Proper : Fit::Makeshift),
        };
        if ($tool->needs->inPlaceOnly) {
            $findings->add(ReasonCode::PlaceStays, $conditions->mustTravel ? Fit::Unsuitable : Fit::Proper);
        }
        if ($conditions->hand !== null) {
            $this->hand($tool, $conditions->hand, $findings);
        }
    }

    private function hand(Tool $tool, Hand $hand, Findings $findings): void
    {
        foreach ([
            [ReasonCode::HandForce, $tool->handling->gripForce, $hand->gripForce],
            [ReasonCode::HandSpan, $tool->handling->handSpan, $hand->handSpan],
        ] as [$code, $asked, $given]) {
            if ($asked !== null && $given !== null) {
                $findings->add($code, Tolerance::isAbove($asked, $given) ? Fit::Makeshift : Fit::Proper, ['asked' => $asked, 'limit' => $given], $asked, $given);
            }
        }
    }
}
