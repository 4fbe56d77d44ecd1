<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Verdict\Fit;

/** What each tool of a kit is worth: the kit is looked at without it. */
final class Roles
{
    /** @var array<int, bool> by tool: whether one of them is good for everything */
    private array $has;

    /** @var array<int, list<array{int, Fit, array<int, true>}>> by task: who does it, how, and what that rests on, itself too */
    private array $doers = [];

    /** @var array<int, ?Fit> by task */
    private array $fit = [];

    public function __construct(private readonly Matrix $matrix, KitAsItStands $kit)
    {
        $this->has = $matrix->has($kit);
        foreach ($matrix->tasks as $number => $task) {
            $this->doers[$number] = [];
            foreach ($task->doers as $tool => $fit) {
                if (isset($this->has[$tool]) && $matrix->isComplete($tool, $this->has)) {
                    $this->doers[$number][] = [$tool, Matrix::with($fit, $this->has[$tool]), [$tool => true] + array_fill_keys($matrix->closure($tool) ?? [], true)];
                }
            }
            $this->fit[$number] = $this->without($number);
        }
    }

    /** @return list<ToolRole> in the order of the kit */
    public function all(): array
    {
        return array_map(fn(int $tool): ToolRole => $this->of($tool), array_keys($this->has));
    }

    /**
     * Tools of which each can be done without, but not both.
     *
     * @return list<EssentialPair> those on which most rests first
     */
    public function pairs(): array
    {
        $pairs = [];
        foreach ($this->matrix->lines as $line) {
            $of = [];
            foreach ($line->steps as $step) {
                foreach ($this->pairsOf($step->task) as [$one, $other]) {
                    $of[$one . '+' . $other] = [$one, $other];
                }
            }
            foreach ($of as $key => [$one, $other]) {
                $pairs[$key] ??= [$one, $other, [], 0];
                $pairs[$key][2][] = $line->id;
                $pairs[$key][3] += $line->line->quantity;
            }
        }
        $tools = $this->matrix->tools;
        $pairs = array_map(static fn(array $pair): EssentialPair => new EssentialPair($tools[$pair[0]], $tools[$pair[1]], $pair[2], $pair[3]), array_values($pairs));
        usort($pairs, static fn(EssentialPair $one, EssentialPair $other): int => $other->quantity <=> $one->quantity);

        return $pairs;
    }

    private function of(int $tool): ToolRole
    {
        $lines = array_fill_keys(array_column(Role::cases(), 'value'), []);
        $others = [];
        $alone = 0;
        $after = [];
        foreach ($this->matrix->lines as $line) {
            $isLost = false;
            foreach ($line->steps as $step) {
                $after[$step->task] ??= [$this->without($step->task, $tool), $this->isUsedFor($step->task, $tool)];
                [$fit, $isUsed] = $after[$step->task];
                $before = self::status($this->fit[$step->task], $step);
                $then = self::status($fit, $step);
                $isLost = $isLost || ($line->takes($before) && !$line->takes($then));
                if ($before !== Status::Hole && $then === Status::Hole) {
                    $lines['essential'][$line->id] = $line->id;
                } elseif ($before === Status::Covered && $then === Status::Makeshift) {
                    $lines['better'][$line->id] = $line->id;
                } elseif ($isUsed) {
                    $lines['backup'][$line->id] = $line->id;
                    foreach ($this->doers[$step->task] as [$other, $how, $on]) {
                        if (!isset($on[$tool]) && ($how === Fit::Proper || $this->fit[$step->task] === Fit::Makeshift)) {
                            $others[$other] = $other;
                        }
                    }
                }
            }
            if ($isLost && $this->isCounted($line)) {
                $alone += $line->line->quantity;
            }
        }
        $role = match (true) {
            $lines['essential'] !== [] => Role::Essential,
            $lines['better'] !== [] => Role::Better,
            $lines['backup'] !== [] => Role::Backup,
            default => Role::Idle,
        };
        ksort($others);

        return new ToolRole($this->matrix->tools[$tool], $role, array_values($lines[$role->value]), $alone, array_values(array_map(fn(int $other): Tool => $this->matrix->tools[$other], $others)));
    }

    /** How a task stands without one of the tools. */
    private function without(int $task, ?int $tool = null): ?Fit
    {
        $best = null;
        foreach ($this->doers[$task] as [, $fit, $on]) {
            if ($tool === null || !isset($on[$tool])) {
                $best = $best === Fit::Proper ? $best : $fit;
            }
        }

        return $best;
    }

    private function isUsedFor(int $task, int $tool): bool
    {
        foreach ($this->doers[$task] as [, , $on]) {
            if (isset($on[$tool])) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{int, int}> */
    private function pairsOf(int $task): array
    {
        $doers = $this->doers[$task];
        $pairs = [];
        foreach (array_keys($doers[0][2] ?? []) as $one) {
            $others = null;
            foreach ($doers as [, , $on]) {
                if (!isset($on[$one])) {
                    $others = $others === null ? $on : array_intersect_key($others, $on);
                }
            }
            foreach (array_keys($others ?? []) as $other) {
                // Neither is essential for it alone.
                if ($this->without($task, $one) !== null && $this->without($task, $other) !== null) {
                    $pairs[] = [min($one, $other), max($one, $other)];
                }
            }
        }

        return $pairs;
    }

    private function isCounted(PlannedLine $line): bool
    {
        foreach ($line->steps as $step) {
            if (!$line->takes(self::status($this->fit[$step->task], $step))) {
                return false;
            }
        }

        return $line->takesMakeshift || !$line->isCapped;
    }

    private static function status(?Fit $fit, PlannedStep $step): Status
    {
        $status = Status::ofBest($fit);

        return $step->isCapped ? $status->worse(Status::Makeshift) : $status;
    }
}
