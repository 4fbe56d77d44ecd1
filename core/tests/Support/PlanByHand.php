<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Tool;

/**
 * A plan as one would find it with much patience: every set of tools is bought, Cover is asked what it does, and the sets are
 * sorted. It knows nothing of matrices, rows or bounds.
 */
final class PlanByHand
{
    /** @var array<int, array{ways: list<int>, won: int, money: int, makeshift: int, count: int, mass: int, counting: array<string, true>}> by set, as a number in two */
    private array $sets = [];

    public function __construct(private readonly PlanQuestion $question)
    {
        $count = count($question->ways);
        $forced = 0;
        foreach ($question->ways as $number => $way) {
            $forced |= in_array($way, $question->forced, true) ? 1 << $number : 0;
        }
        for ($set = 0; $set < 1 << $count; $set++) {
            $ways = array_values(array_filter(range(0, $count - 1), static fn(int $number): bool => ($set >> $number & 1) === 1));
            if (($set & $forced) === $forced && $this->hasFirsts($ways)) {
                $this->sets[$set] = $this->look($ways);
            }
        }
    }

    /** @return list<array{cost: int, add: list<string>, won: int, makeshift: int, mass: int}> the best, and the next in which nothing could be left out */
    public function ranked(): array
    {
        $all = $this->sets[array_key_last($this->sets)]['counting'];
        $sets = array_filter($this->sets, fn(array $set): bool => $this->isWithin($set) && ($this->question->isLimited() || $set['counting'] === $all));
        uasort($sets, $this->compare(...));
        $best = array_key_first($sets);
        $next = null;
        foreach ($sets as $number => $set) {
            if ($number !== $best && $this->isLean($number, $sets)) {
                $next = $number;
                break;
            }
        }

        return array_map(fn(int $number): array => $this->told($this->sets[$number]), array_values(array_filter([$best, $next], static fn(?int $number): bool => $number !== null)));
    }

    /** @return list<array{cost: int, covered: int, add: list<string>}> */
    public function curve(): array
    {
        $sets = array_filter($this->sets, fn(array $set): bool => $this->isWithin($set, null));
        uasort($sets, fn(array $one, array $other): int => [$one['money'], -$one['won']] <=> [$other['money'], -$other['won']] ?: $this->compare($one, $other));
        $points = [];
        $most = -1;
        foreach ($sets as $set) {
            if ($set['won'] > $most) {
                $most = $set['won'];
                $points[] = ['cost' => $set['money'], 'covered' => $most, 'add' => $this->told($set)['add']];
            }
        }

        return $points;
    }

    /**
     * What each tool of a kit is worth, by taking it out.
     *
     * @return list<array{tool: string, role: string, lines: list<string>, alone: int}>
     */
    public function roles(Kit $kit): array
    {
        $reports = $this->reports(KitAsItStands::onPaper($kit));
        $roles = [];
        foreach ($kit->tools as $entry) {
            $less = new Kit($kit->id, $kit->name, array_values(array_filter($kit->tools, static fn($other): bool => $other !== $entry)), $kit->travels, $kit->hand);
            $lines = ['essential' => [], 'better' => [], 'backup' => []];
            $alone = 0;
            foreach ($this->reports(KitAsItStands::onPaper($less)) as $scope => $report) {
                foreach ($report->lines as $at => $line) {
                    $before = $reports[$scope]->lines[$at];
                    $id = count($reports) > 1 ? $report->scope->id . '/' . $line->line->id : $line->line->id;
                    foreach ($line->steps as $number => $step) {
                        $was = $before->steps[$number]->status;
                        if ($was !== Status::Hole && $step->status === Status::Hole) {
                            $lines['essential'][$id] = $id;
                        } elseif ($was === Status::Covered && $step->status === Status::Makeshift) {
                            $lines['better'][$id] = $id;
                        } elseif ($this->isUsed($entry->tool, $kit, $scope, $at, $number)) {
                            $lines['backup'][$id] = $id;
                        }
                    }
                    $alone += $this->counts($before->status, $scope) && !$this->counts($line->status, $scope) ? $line->line->quantity : 0;
                }
            }
            $role = array_key_first(array_filter($lines)) ?? 'idle';
            $roles[] = ['tool' => $entry->tool->id, 'role' => $role, 'lines' => array_values($lines[$role] ?? []), 'alone' => $alone];
        }

        return $roles;
    }

    /** Whether a step can be done with a tool and what it requires, or with one that requires it: with all others that do it gone. */
    private function isUsed(Tool $tool, Kit $kit, int $scope, int $line, int $step): bool
    {
        foreach ($kit->tools as $doer) {
            $closure = [$doer->tool->id => $doer];
            for ($open = [$doer]; $open !== [];) {
                foreach (array_pop($open)->tool->needs->requires as $id) {
                    $found = array_values(array_filter($kit->tools, static fn($entry): bool => $entry->tool->id === $id))[0] ?? null;
                    if ($found === null) {
                        continue 3;
                    }
                    if (!isset($closure[$id])) {
                        $closure[$id] = $found;
                        $open[] = $found;
                    }
                }
            }
            if (!isset($closure[$tool->id])) {
                continue;
            }
            // What is only required keeps its place, but not its hands.
            $alone = array_map(static fn($entry) => $entry === $doer ? $entry : new \Gondrik\Core\Tool\KitEntry(new Tool($entry->tool->id, $entry->tool->name, $entry->tool->kind, [], $entry->tool->cost, $entry->tool->handling, $entry->tool->needs)), array_values($closure));
            $of = $this->question->scopes[$scope];
            if (Coverage::onPaper(new Kit('one', 'one', $alone, $kit->travels, $kit->hand), $of->scope, $of->rules)->lines[$line]->steps[$step]->status !== Status::Hole) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<int> $ways
     *
     * @return array{ways: list<int>, won: int, money: int, makeshift: int, count: int, mass: int, counting: array<string, true>}
     */
    private function look(array $ways): array
    {
        $stands = $this->kitWith($ways);
        $kit = $stands->of;
        $set = ['ways' => $ways, 'won' => 0, 'money' => 0, 'makeshift' => 0, 'count' => count($ways), 'mass' => PlanQuestion::massOf($kit), 'counting' => []];
        foreach ($ways as $way) {
            $set['money'] += $this->question->ways[$way]->cost;
        }
        foreach ($this->reports($stands) as $scope => $report) {
            foreach ($report->lines as $at => $line) {
                $unbacked = array_filter(array_keys($line->steps), fn(int $number): bool => !$this->isBacked($kit, $scope, $at, $number, $line->steps[$number]));
                if ($unbacked === [] && $this->counts($line->status, $scope)) {
                    $set['won'] += $line->line->quantity;
                    $set['makeshift'] += $line->status === Status::Makeshift ? $line->line->quantity : 0;
                }
                foreach ($line->steps as $number => $step) {
                    if ($this->counts($step->status, $scope)) {
                        // What cannot be backed is still to be done by one.
                        $set['counting'][$scope . '/' . $line->line->id . '/' . $number] = true;
                        $set['counting'] += in_array($number, $unbacked, true) ? [] : [$scope . '/' . $line->line->id . '/' . $number . '/backed' => true];
                    }
                }
            }
        }

        return $set;
    }

    /** @param list<int> $ways */
    private function kitWith(array $ways): KitAsItStands
    {
        $kit = $this->question->kit;
        foreach ($ways as $way) {
            $of = $this->question->ways[$way];
            $kit = $of->mending === null ? $kit->oneMore($of->tool) : $kit->oneAgain($of->tool);
        }

        return $kit;
    }

    /**
     * Whether every second of a tool has a first.
     *
     * @param list<int> $ways
     */
    private function hasFirsts(array $ways): bool
    {
        foreach ($ways as $way) {
            $second = $this->question->ways[$way];
            $firsts = array_filter($ways, fn(int $other): bool => !$this->question->ways[$other]->isSecond && $this->question->ways[$other]->tool === $second->tool);
            if ($second->isSecond && $firsts === [] && $this->question->kit->tool($second->tool->id) === null) {
                return false;
            }
        }

        return true;
    }

    /** Whether a step goes on when the tool that does it is gone, one of it where there are more. */
    private function isBacked(Kit $kit, int $scope, int $line, int $number, StepCover $step): bool
    {
        if ($step->chosen === null || !in_array($step->step->operation, $this->question->backups, true)) {
            return true;
        }
        $of = $this->question->scopes[$scope];

        return $this->counts(Coverage::onPaper($kit->oneLess($step->chosen->tool->id), $of->scope, $of->rules)->lines[$line]->steps[$number]->status, $scope);
    }

    /** @return list<Report> */
    private function reports(KitAsItStands $kit): array
    {
        return array_map(static fn(PlannedScope $of): Report => Coverage::of($kit, $of->scope, $of->rules), $this->question->scopes);
    }

    private function counts(Status $status, int $scope): bool
    {
        return $status === Status::Covered || ($status === Status::Makeshift && ($this->question->takesMakeshift || $this->question->scopes[$scope]->rules->makeshiftCounts));
    }

    /** @param array{money: int, mass: int} $set */
    private function isWithin(array $set, ?int $budget = -1): bool
    {
        $budget = $budget === -1 ? $this->question->budget : $budget;

        return ($budget === null || $set['money'] <= $budget) && ($this->question->mass === null || $set['mass'] <= $this->question->mass);
    }

    /** Whether nothing of it, but what is bought in any case, can be left out without losing something. */
    private function isLean(int $number, array $sets): bool
    {
        foreach ($this->sets[$number]['ways'] as $way) {
            $less = $this->sets[$number & ~(1 << $way)] ?? null;
            if ($less !== null && ($this->question->isLimited() ? $less['won'] === $this->sets[$number]['won'] : $less['counting'] === $this->sets[$number]['counting'])) {
                return false;
            }
        }

        return true;
    }

    private function compare(array $one, array $other): int
    {
        $limited = $this->question->isLimited() ? -1 : 0;
        $figures = [$limited * $one['won'], $one['money'], $one['makeshift'], $one['count'], $one['mass']] <=> [$limited * $other['won'], $other['money'], $other['makeshift'], $other['count'], $other['mass']];
        if ($figures !== 0) {
            return $figures;
        }
        foreach (array_keys($this->question->ways) as $way) {
            $has = [in_array($way, $one['ways'], true), in_array($way, $other['ways'], true)];
            if ($has[0] !== $has[1]) {
                return $has[0] ? -1 : 1;
            }
        }

        return 0;
    }

    private function told(array $set): array
    {
        return ['cost' => $set['money'], 'add' => array_map(fn(int $way): string => $this->question->ways[$way]->tool->id, $set['ways']), 'won' => $set['won'], 'makeshift' => $set['makeshift'], 'mass' => $set['mass']];
    }
}
