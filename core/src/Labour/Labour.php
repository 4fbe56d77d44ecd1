<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\StepCover;

/** How long a scope takes with a kit, and how often a hand squeezes for it. What nothing covers and faulty lines take no time. */
final readonly class Labour
{
    /** Squeezes a day from which on it is a machine's work (common practice: some hundred crimps a day). */
    public const MANY = 300;

    /**
     * @param array<string, Effort> $lines   by line, in the order of the scope
     * @param array<string, Effort> $tools   by tool, those that are used, in the order of the kit
     * @param list<StepCover>       $untimed done by a method for which there is no time
     * @param int|null              $days    over which the scope is spread, where it says so
     */
    private function __construct(public array $lines, public array $tools, public Effort $all, public array $untimed, public ?int $days) {}

    public static function of(Report $report, Rates $rates): self
    {
        $effort = new StepEffort($report->kit, $rates);
        $lines = $untimed = $used = [];
        foreach ($report->lines as $line) {
            $ofLine = new Effort();
            foreach ($line->steps as $step) {
                $of = $effort->of($step)?->times($line->line->quantity);
                if ($of !== null && $step->chosen !== null) {
                    $ofLine = $ofLine->plus($of);
                    $used[$step->chosen->tool->id] = ($used[$step->chosen->tool->id] ?? new Effort())->plus($of);
                } elseif ($step->chosen !== null) {
                    $untimed[] = $step;
                }
            }
            $lines[$line->line->id] = $ofLine;
        }
        $tools = [];
        foreach ($report->kit->tools as $part) {
            if (isset($used[$part->tool->id])) {
                $tools[$part->tool->id] = $used[$part->tool->id];
            }
        }
        $all = array_reduce($lines, static fn(Effort $sum, Effort $of): Effort => $sum->plus($of), new Effort());

        return new self($lines, $tools, $all, $untimed, $report->scope->days);
    }

    /** Squeezes a day by one hand; null where the scope says of no days. */
    public function squeezesPerDay(): ?float
    {
        return $this->days === null ? null : $this->all->squeezes / $this->days;
    }

    public function secondsPerDay(): ?float
    {
        return $this->days === null ? null : $this->all->seconds / $this->days;
    }

    /** @return list<LabourRemark> */
    public function remarks(): array
    {
        return [
            ...$this->days !== null && $this->all->squeezes > self::MANY * $this->days ? [LabourRemark::ManySqueezes] : [],
            ...$this->untimed === [] ? [] : [LabourRemark::Untimed],
        ];
    }
}
