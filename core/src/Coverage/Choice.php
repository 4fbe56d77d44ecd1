<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Judge;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Requirements;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Scope\Surroundings;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Verdict;

/** Which tool of a kit is taken for a step. Each distinct work is judged once. */
final class Choice
{
    private readonly Judge $judge;

    private readonly Requirements $requirements;

    private readonly Candidates $candidates;

    /** @var array<string, string> which tools are asked and how they stand, by operation */
    private readonly array $asked;

    /** @var array<int, array{Surroundings, Conditions}> by surroundings, which are kept beside so that their id stays their own */
    private array $conditions = [];

    public function __construct(
        private readonly KitAsItStands $kit,
        private readonly HouseRules $house,
        public readonly Operations $operations,
        private readonly Known $known = new Known(),
    ) {
        $this->judge = new Judge($operations, $house);
        $this->requirements = new Requirements($kit);
        $this->candidates = new Candidates($kit->tools);
        $this->asked = array_map($this->asked(...), $this->candidates->byOperation);
    }

    /**
     * Equal where the same tools stand in the same way: what others of the kit may be required for is among it.
     *
     * @param list<TakingPart> $parts
     */
    private function asked(array $parts): string
    {
        $requires = array_filter($parts, static fn(TakingPart $part): bool => $part->tool->needs->requires !== []) !== [];
        $stands = static fn(TakingPart $part): array => [$part->tool->id, $part->count, $part->seldom, $part->isShared, ...$part->assets];

        return hash('xxh128', serialize([array_map($stands, $parts), $requires ? array_map(static fn(TakingPart $part): string => $part->tool->id, $this->kit->tools) : []]));
    }

    /** @return array{Work, ?ToolMatch, bool} the work, the tool that is taken, and whether it has no backup where the house wants one */
    public function for(Line $line, Step $step): array
    {
        $rules = $this->operations->of($step->operation);
        $work = $rules->work($line, $step->end, $this->conditions($line, $step));

        $known = $this->known->chosen;

        return $known[($this->asked[$step->operation->value] ?? '') . $step->operation->value . $work->key()] ??= [$work, ...$this->choose($step->operation, $rules, $work)];
    }

    private function conditions(Line $line, Step $step): Conditions
    {
        // Most lines have the same surroundings, as one object; where nobody in particular works, that is all there is to them.
        return $this->kit->worker === null
            ? ($this->conditions[spl_object_id($line->surroundings)] ??= [$line->surroundings, Conditions::of($line->surroundings, $this->kit)])[1]
            : Conditions::of($line->surroundings, $this->kit, $step->skill($line));
    }

    /** @return list<TakingPart> of which the tool has the operation at all, in the order of the kit */
    public function partsFor(Operation $operation): array
    {
        return $this->candidates->byOperation[$operation->value] ?? [];
    }

    /** In numbers, with what the tool requires of the kit. The tool must have the operation. */
    public function verdict(TakingPart $part, Operation $operation, Work $work): Verdict
    {
        return $this->judge->verdict($part, $operation, $work, $part->tool->needs->requires === [] ? 0 : count($this->requirements->missing($part->tool, $work->conditions)));
    }

    /** In full, with what the tool requires of the kit. The tool must have the operation. */
    public function match(TakingPart $part, Operation $operation, Work $work): ToolMatch
    {
        return $this->judge->match($part, $operation, $work, $this->requirements->missing($part->tool, $work->conditions));
    }

    /**
     * @param OperationRules<Work, Capability> $rules
     *
     * @return array{?ToolMatch, bool}
     */
    private function choose(Operation $operation, OperationRules $rules, Work $work): array
    {
        $wantsBackup = in_array($operation, $this->house->backupFor, true);
        $best = null;
        // How many things do it properly, and how many as a makeshift.
        $doing = [0, 0];
        [$least, $most] = $rules->measure($work) ?? [0.0, INF];
        foreach ($this->candidates->for($operation, $rules, $work) as [$part, $from, $to]) {
            if ($most < $from || $least > $to) {
                continue;
            }
            $tool = $part->tool;
            $isPlain = !$part->isShared && !$part->isSeldom;
            // Who counts backups asks every tool; else one that is no better than the best so far need not be asked to the end.
            $found = $this->judge->choice($tool, $operation, $rules, $work, $wantsBackup || !$isPlain ? PHP_INT_MAX : $best[1] ?? PHP_INT_MAX);
            if ($found === null || ($tool->needs->requires !== [] && $this->requirements->missing($tool, $work->conditions) !== [])) {
                continue;
            }
            $isMakeshift = $found >= Findings::MAKESHIFT;
            $doing[0] += $isMakeshift ? 0 : $part->count - $part->seldom;
            $doing[1] += $isMakeshift ? $part->count : $part->seldom;
            $score = $isPlain ? $found : Judge::standingScore($part, $found);
            if ($best === null || $score < $best[1]) {
                $best = [$part, $score];
            }
            // Nothing later in the kit can be preferred to a proper match without a remark.
            if ($best[1] === 0 && (!$wantsBackup || $doing[0] > 1)) {
                break;
            }
        }
        if ($best === null) {
            return [null, false];
        }

        return [$this->match($best[0], $operation, $work), $wantsBackup && $doing[$best[1] >= Findings::MAKESHIFT ? 1 : 0] === 1];
    }
}
