<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Access;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Energy;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Skill;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Material;

/** Every tool of a kit against a step: what holds for any tool, then the operation's own matcher. */
final class KitMatcher
{
    /** @var array<string, list<Tool>> tools by operation, in the order of the kit */
    private array $toolsFor = [];

    /** @var array<string, list<array{Tool, Reach}>> by operation and class of terminal or insulation, in the order of the kit */
    private array $index = [];

    /** @var array<string, Matcher<covariant Capability>> by operation */
    private array $matchers;

    public function __construct(private readonly Kit $kit, private readonly HouseRules $rules)
    {
        foreach ($kit->tools as $entry) {
            foreach (Operation::steps() as $operation) {
                if ($entry->tool->capabilitiesFor($operation) !== []) {
                    $this->toolsFor[$operation->value][] = $entry->tool;
                }
            }
        }
        $this->matchers = [
            Operation::Cut->value => new CutMatcher(),
            Operation::StripSheath->value => new StripSheathMatcher(),
            Operation::Strip->value => new StripMatcher(),
            Operation::Crimp->value => new CrimpMatcher($rules),
            Operation::Solder->value => new SolderMatcher(),
            Operation::Sleeve->value => new ShrinkSleeveMatcher($rules),
            Operation::Torque->value => new TorqueMatcher($rules),
            Operation::PullTest->value => new PullTestMatcher($rules),
            Operation::Extract->value => new ExtractMatcher(),
        ];
    }

    /** @return list<Tool> that have the operation at all, in the order of the kit */
    public function toolsFor(Operation $operation): array
    {
        return $this->toolsFor[$operation->value] ?? [];
    }

    /**
     * The tools that can come into question: those that reach the size, and have a profile for the class of terminal or
     * strip the insulation at all, so that a large kit is not asked tool by tool. The tools left out would all be unsuitable.
     *
     * @return iterable<Tool> in the order of the kit
     */
    public function candidates(Step $step): iterable
    {
        foreach ($this->indexed($step) as [$tool, $reach]) {
            if ($step->wire === null || $reach->holds($step)) {
                yield $tool;
            }
        }
    }

    /** @return list<array{Tool, Reach}> by operation, and by class or insulation */
    private function indexed(Step $step): array
    {
        $kind = match ($step->operation) {
            Operation::Crimp => $step->line->terminal?->class,
            Operation::Strip => $step->wire?->insulation,
            default => null,
        };
        $key = $step->operation->value . '|' . $kind?->value;
        if (!isset($this->index[$key])) {
            $this->index[$key] = [];
            foreach ($this->toolsFor($step->operation) as $tool) {
                $mightSuit = match (true) {
                    $kind instanceof TerminalClass => CrimpMatcher::anySuits($kind, $tool),
                    $kind instanceof Material => StripMatcher::anyStrips($kind, $tool),
                    default => true,
                };
                if ($mightSuit) {
                    $this->index[$key][] = [$tool, Reach::of($tool, $step)];
                }
            }
        }

        return $this->index[$key];
    }

    /** @return list<ToolMatch> every tool that has the operation, best first; misses by how near they are */
    public function ranked(Step $step): array
    {
        $matches = array_map(fn(Tool $tool): ToolMatch => $this->match($tool, $step), $this->toolsFor($step->operation));
        usort($matches, static fn(ToolMatch $one, ToolMatch $other): int => $one->answer->compare($other->answer));

        return $matches;
    }

    /** How well a tool does a step with the best of its capabilities. The tool must have the operation. */
    public function match(Tool $tool, Step $step): ToolMatch
    {
        $matcher = $this->matchers[$step->operation->value];
        $any = $this->anyTool($tool, $step->line);
        $capabilities = $tool->capabilitiesFor($step->operation);
        assert($capabilities !== []);

        /** @var Matcher<Capability> $matcher */
        return new ToolMatch($tool, Answer::firstBest(
            $capabilities,
            fn(Capability $capability): Answer => $matcher->answer($step, $capability)->with([...$this->anyCapability($capability, $step), ...$any]),
        ));
    }

    /** @return list<Reason> */
    private function anyTool(Tool $tool, Line $line): array
    {
        $reasons = [];
        foreach ($tool->requires as $required) {
            if (!$this->isUsable($required, $line, [$tool->id])) {
                $reasons[] = new Reason(ReasonCode::RequiresMissing, Fit::Unsuitable, ['tool' => $this->kit->tool($required)->name ?? $required]);
            }
        }
        if ($line->noMains && $tool->energy === Energy::Mains) {
            $reasons[] = new Reason(ReasonCode::EnergyNoMains, Fit::Unsuitable);
        }
        if ($line->access === Access::Tight) {
            $reasons[] = new Reason(ReasonCode::AccessTight, $tool->compact ? Fit::Proper : Fit::Makeshift);
        }

        return $reasons;
    }

    /**
     * A required tool counts when it is in the kit, has its energy, and has what it requires itself.
     *
     * @param list<string> $asking tools that require it, so that two that need each other do not go round for ever
     */
    private function isUsable(string $id, Line $line, array $asking): bool
    {
        $tool = $this->kit->tool($id);
        if ($tool === null || ($line->noMains && $tool->energy === Energy::Mains)) {
            return false;
        }
        foreach (array_diff($tool->requires, $asking) as $required) {
            if (!$this->isUsable($required, $line, [...$asking, $id])) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Reason> */
    private function anyCapability(Capability $capability, Step $step): array
    {
        $reasons = [];
        if ($capability->grade === Fit::Makeshift) {
            $reasons[] = new Reason(ReasonCode::GradeMakeshift, Fit::Makeshift);
        }
        if ($capability->skill === Skill::Trained) {
            $reasons[] = $this->rules->trainedHands
                ? new Reason(ReasonCode::SkillTrained, Fit::Proper, rule: $this->rules->changed('trainedHands'))
                : new Reason(ReasonCode::SkillUntrained, Fit::Unsuitable, rule: $this->rules->changed('trainedHands'));
        }
        if ($capability->proven === null || $step->wire === null) {
            return $reasons;
        }
        // The other operations weigh what is proven against what is printed; to a screw the wire is all the same.
        $printsNoSize = in_array($step->operation, [Operation::Solder, Operation::Sleeve, Operation::PullTest, Operation::Extract], true);

        return $printsNoSize ? [...$reasons, ...SizeCheck::proven($step->wire->size, $capability->proven)] : $reasons;
    }
}
