<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Tool\Tool;

/** What Cover says of a kit on all planned scopes, and what of it counts; steps that are paid for by the piece count too. */
final class Standing
{
    /** @var array<int, array<string, LineCover>> by scope and line */
    private array $lines = [];

    /** @var array<string, true> */
    private array $isPaid = [];

    /**
     * @param list<Report>   $reports one for each scope
     * @param list<PaidStep> $paid
     */
    public function __construct(public readonly array $reports, private readonly Backing $backing, array $paid = [])
    {
        foreach ($reports as $scope => $report) {
            foreach ($report->lines as $cover) {
                $this->lines[$scope][$cover->line->id] = $cover;
            }
        }
        foreach ($paid as $step) {
            $this->isPaid[self::key($step->line, $step->step)] = true;
        }
    }

    public function counts(PlannedLine $line, int $step): bool
    {
        return isset($this->isPaid[self::key($line, $step)]) || ($line->takes($this->cover($line, $step)->status) && $this->backing->holds($line, $step));
    }

    public function isHole(PlannedLine $line, int $step): bool
    {
        return $this->cover($line, $step)->status === Status::Hole;
    }

    public function chosen(PlannedLine $line, int $step): ?Tool
    {
        return $this->cover($line, $step)->chosen?->tool;
    }

    /**
     * @param list<PlannedLine> $lines
     *
     * @return array{int, int} terminations on lines that count, and those of them that are makeshift
     */
    public function terminations(array $lines): array
    {
        $counted = $makeshift = 0;
        foreach ($lines as $line) {
            $worst = $line->isCapped ? Status::Makeshift : Status::Covered;
            $isBacked = true;
            foreach (array_keys($line->steps) as $step) {
                if (!isset($this->isPaid[self::key($line, $step)])) {
                    $worst = $worst->worse($this->cover($line, $step)->status);
                    $isBacked = $isBacked && $this->backing->holds($line, $step);
                }
            }
            if ($isBacked && $line->takes($worst)) {
                $counted += $line->line->quantity;
                $makeshift += $worst === Status::Makeshift ? $line->line->quantity : 0;
            }
        }

        return [$counted, $makeshift];
    }

    private function cover(PlannedLine $line, int $step): StepCover
    {
        return $this->lines[$line->scope][$line->line->id]->steps[$step];
    }

    private static function key(PlannedLine $line, int $step): string
    {
        return $line->scope . '/' . $line->line->id . '/' . $step;
    }
}
