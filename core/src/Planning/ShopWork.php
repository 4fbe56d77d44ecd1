<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\LineChecks;
use Gondrik\Core\Match\Steps;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;

/** All work that the kits of a shop may be for, each different work once, however many lines and scopes ask it. */
final class ShopWork
{
    /** @var array<string, Judging> by the rules in force */
    private array $judgings = [];

    /** @var array<string, array<string, array{Judging, Operation, Work}>> by what matters of a kit for its conditions */
    private array $works = [];

    /** @var list<array{Judging, Line, Step}>|null */
    private ?array $different = null;

    /** @param list<PlannedScope> $scopes */
    public function __construct(private readonly array $scopes) {}

    /** @return array<string, array{Judging, Operation, Work}> as they are for a kit of this kind; its tools are no matter */
    public function of(KitAsItStands $kit): array
    {
        return $this->works[serialize([$kit->travels, $kit->hand, $kit->worker])] ??= $this->found($kit);
    }

    /** @return array<string, array{Judging, Operation, Work}> */
    private function found(KitAsItStands $kit): array
    {
        $works = [];
        foreach ($this->different ??= $this->differentSteps() as [$judging, $line, $step]) {
            $work = $judging->operations->of($step->operation)->work($line, $step->end, Conditions::of($line->surroundings, $kit, $step->skill($line)));
            $works[spl_object_id($judging) . '|' . $step->operation->value . '|' . $work->key()] ??= [$judging, $step->operation, $work];
        }

        return $works;
    }

    /** @return list<array{Judging, Line, Step}> one of each kind that some kit may tell from others */
    private function differentSteps(): array
    {
        $different = [];
        foreach ($this->scopes as $of) {
            $judging = $this->judgings[serialize($of->rules)] ??= new Judging($of->rules);
            $checks = new LineChecks($of->rules);
            $steps = new Steps($judging->operations);
            $known = [];
            foreach ($of->scope->lines as $line) {
                $key = $line->work();
                if (!isset($known[$key])) {
                    $isFaulty = array_filter($checks->of($line), static fn(Reason $reason): bool => $reason->fit === Fit::Unsuitable) !== [];
                    $known[$key] = $isFaulty ? [] : $steps->of($line);
                }
                $around = $line->surroundings;
                // What travels, and whose hands work with it, is the kit's; all else of the conditions is the line's.
                $conditions = new Conditions($around->noMains, $around->access, !$around->movable);
                foreach ($known[$key] as $step) {
                    $work = $judging->operations->of($step->operation)->work($line, $step->end, $conditions);
                    $different[spl_object_id($judging) . '|' . $step->operation->value . '|' . $work->key()] ??= [$judging, $line, $step];
                }
            }
        }

        return array_values($different);
    }
}
