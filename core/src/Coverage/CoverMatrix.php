<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Judge;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Verdict\Findings;

/**
 * Many kits against many scopes under the same rules, in numbers alone: each tool is judged once on each different work, whatever the
 * kit. What Coverage finds cell by cell, without which tool is taken and why.
 */
final class CoverMatrix
{
    private readonly Operations $operations;

    private readonly Judge $judge;

    private readonly LinesAsked $asked;

    private readonly Supervision $supervision;

    private readonly Candidates $candidates;

    /** @var array<string, array{array<string, true>, array<string, true>}> ids of the tools that do it properly, and of those that do it as a makeshift, by operation and work */
    private array $doers = [];

    /** @var array<string, string> operation and group of the hole that it would be in, by operation and work */
    private array $groups = [];

    /** @var array<string, Work> by operation and work */
    private array $works = [];

    /** @var array<string, list<array{int, Status, list<array{string, Operation, bool}>}>> quantity, what the checks make of it and the steps with whether they are capped, by scope and by what of the kit a work looks at */
    private array $lines = [];

    /** @param list<KitAsItStands> $kits all that will be asked about */
    private function __construct(private readonly HouseRules $rules, array $kits)
    {
        $this->operations = new Operations($rules);
        $this->judge = new Judge($this->operations, $rules);
        $this->asked = new LinesAsked($rules, $this->operations, new Known());
        $this->supervision = new Supervision($rules);
        $tools = [];
        foreach ($kits as $kit) {
            foreach ($kit->tools as $part) {
                $tools[$part->tool->id] ??= new TakingPart($part->tool);
            }
        }
        $this->candidates = new Candidates(array_values($tools));
    }

    /**
     * @param list<Kit>                                $kits
     * @param list<Scope>                              $scopes
     * @param \Closure(Scope): HouseRules              $rules  in force
     * @param \Closure(Kit, HouseRules): KitAsItStands $stands how a kit stands where those are
     *
     * @return list<MatrixCell> kits outside, scopes inside
     */
    public static function of(array $kits, array $scopes, \Closure $rules, \Closure $stands): array
    {
        $inForce = $alike = [];
        foreach ($scopes as $at => $scope) {
            $of = $rules($scope);
            $key = hash('xxh128', serialize($of));
            $inForce[$key] = $of;
            $alike[$key][] = $at;
        }
        $cells = [];
        foreach ($alike as $key => $places) {
            $standing = array_map(static fn(Kit $kit): KitAsItStands => $stands($kit, $inForce[$key]), $kits);
            $matrix = new self($inForce[$key], $standing);
            foreach ($standing as $row => $kit) {
                $answers = new KitAnswers($kit);
                foreach ($places as $at) {
                    $cells[$row * count($scopes) + $at] = $matrix->cell($answers, $scopes[$at]);
                }
            }
        }
        ksort($cells);

        return array_values($cells);
    }

    private function cell(KitAnswers $answers, Scope $scope): MatrixCell
    {
        $kit = $answers->kit;
        $quantity = array_fill_keys(array_column(Status::cases(), 'value'), 0);
        $holes = [];
        foreach ($this->linesOf($scope, $kit) as [$terminations, $status, $steps]) {
            foreach ($steps as [$key, $operation, $isCapped]) {
                $step = $answers->known($key) ?? $answers->find($key, $this->works[$key]->conditions, ...$this->doers[$key] ??= $this->doers($operation, $this->works[$key]));
                if ($step === Status::Hole) {
                    $holes[$this->groups[$key] ??= $this->group($operation, $this->works[$key])] = true;
                }
                if ($isCapped || $step !== Status::Covered) {
                    $status = $status->worse($isCapped ? $step->worse(Status::Makeshift) : $step);
                }
            }
            $quantity[$status->value] += $terminations;
        }
        $headline = new Headline(
            $quantity[Status::Covered->value],
            $quantity[Status::Makeshift->value],
            $quantity[Status::Hole->value],
            $quantity[Status::Faulty->value],
            $this->rules->makeshiftCounts,
            $kit->lacking($this->rules->carried($scope->carry)),
        );

        return new MatrixCell($kit->of, $scope, $headline, count($holes));
    }

    /** @return list<array{int, Status, list<array{string, Operation, bool}>}> */
    private function linesOf(Scope $scope, KitAsItStands $kit): array
    {
        // What Conditions::of() takes of a kit.
        $looksAt = json_encode([$scope->id, $kit->travels, $kit->hand?->gripForce, $kit->hand?->handSpan, $kit->worker?->id], JSON_THROW_ON_ERROR);

        return $this->lines[$looksAt] ??= array_map(fn(Line $line): array => $this->lineOf($line, $kit), $scope->whole()->lines);
    }

    /** @return array{int, Status, list<array{string, Operation, bool}>} */
    private function lineOf(Line $line, KitAsItStands $kit): array
    {
        $asked = $this->asked->of($line);
        $steps = [];
        foreach ($asked->steps as $step) {
            $work = $this->operations->of($step->operation)->work($line, $step->end, Conditions::of($line->surroundings, $kit, $kit->worker === null ? null : $step->skill($line)));
            $key = $step->operation->value . $work->key();
            $this->works[$key] ??= $work;
            $steps[] = [$key, $step->operation, $asked->isCapped($step) || $this->supervision->of($kit->worker, $line, $step) !== null];
        }

        return [$line->quantity, (new LineCover($line, $asked->checks, []))->status, $steps];
    }

    /** @return array{array<string, true>, array<string, true>} */
    private function doers(Operation $operation, Work $work): array
    {
        $rules = $this->operations->of($operation);
        [$least, $most] = $rules->measure($work) ?? [0.0, INF];
        $doers = [[], []];
        foreach ($this->candidates->for($operation, $rules, $work) as [$part, $from, $to]) {
            $score = $most < $from || $least > $to ? null : $this->judge->choice($part->tool, $operation, $rules, $work);
            if ($score !== null) {
                $doers[$score >= Findings::MAKESHIFT ? 1 : 0][$part->tool->id] = true;
            }
        }

        return $doers;
    }

    private function group(Operation $operation, Work $work): string
    {
        return $operation->value . '|' . implode('|', $this->operations->of($operation)->group($work));
    }
}
