<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\Fit;
use Gondrik\Core\Match\KitMatcher;
use Gondrik\Core\Match\Reason;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\LineChecks;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Scope\Steps;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\ToolKind;

/** Computes what a kit covers of a scope. */
final class Coverage
{
    private readonly KitMatcher $matcher;

    private readonly LineChecks $checks;

    /** @var array<string, array{?ToolMatch, bool}> the chosen tool and whether it is unbacked, by Step::key(): each distinct step is matched once */
    private array $chosen = [];

    private function __construct(private readonly Kit $kit, private readonly HouseRules $rules)
    {
        $this->matcher = new KitMatcher($kit, $rules);
        $this->checks = new LineChecks($rules);
    }

    public static function of(Kit $kit, Scope $scope, HouseRules $rules): Report
    {
        return (new self($kit, $rules))->report($scope);
    }

    private function report(Scope $scope): Report
    {
        $lines = array_map($this->line(...), $scope->lines);
        $quantity = array_fill_keys(array_column(Status::cases(), 'value'), 0);
        foreach ($lines as $line) {
            $quantity[$line->status->value] += $line->line->quantity;
        }
        $headline = new Headline(
            covered: $quantity[Status::Covered->value],
            makeshift: $quantity[Status::Makeshift->value],
            hole: $quantity[Status::Hole->value],
            faulty: $quantity[Status::Faulty->value],
            makeshiftCounts: $this->rules->makeshiftCounts,
            carryMissing: array_values(array_filter($this->rules->carry, fn(ToolKind $kind): bool => !$this->kit->hasKind($kind))),
        );

        return new Report($this->kit, $scope, $headline, $lines, (new HoleFinder($this->matcher, $this->rules))->holes($lines));
    }

    private function line(Line $line): LineCover
    {
        $checks = $this->checks->of($line);
        $worst = self::worst($checks);
        if ($worst === Fit::Unsuitable) {
            return new LineCover($line, Status::Faulty, $checks, []);
        }
        $steps = Steps::of($line, $this->rules);
        $capped = $worst === Fit::Makeshift ? self::firstHolding($steps) : null;
        $status = Status::Covered;
        $covers = [];
        foreach ($steps as $step) {
            $cover = $this->step($step, $step->operation === $capped);
            $status = $status->worse($cover->status);
            $covers[] = $cover;
        }

        return new LineCover($line, $status, $checks, $covers);
    }

    /**
     * The operation that a makeshift check of the line caps.
     *
     * @param list<Step> $steps
     */
    private static function firstHolding(array $steps): ?Operation
    {
        foreach ($steps as $step) {
            if (in_array($step->operation, [Operation::Crimp, Operation::Solder, Operation::Torque], true)) {
                return $step->operation;
            }
        }

        return null;
    }

    private function step(Step $step, bool $isCapped): StepCover
    {
        [$chosen, $unbacked] = $this->chosen[$step->key()] ??= $this->choose($step);
        $status = Status::ofBest($chosen?->fit());

        return new StepCover($step, $isCapped ? $status->worse(Status::Makeshift) : $status, $chosen, $unbacked);
    }

    /** @return array{?ToolMatch, bool} */
    private function choose(Step $step): array
    {
        $wantsBackup = in_array($step->operation, $this->rules->backupFor, true);
        $best = null;
        $asGood = 0;
        foreach ($this->matcher->candidates($step) as $tool) {
            $match = $this->matcher->match($tool, $step);
            if ($match->fit() === Fit::Unsuitable) {
                continue;
            }
            $isBetterFit = $best === null || $match->fit()->rank() < $best->fit()->rank();
            $asGood = $isBetterFit ? 1 : $asGood + ($match->fit() === $best->fit() ? 1 : 0);
            if ($best === null || $match->answer->compare($best->answer) < 0) {
                $best = $match;
            }
            // Nothing later in the kit can be preferred to a proper match without a remark.
            if ($best->answer->isPerfect() && (!$wantsBackup || $asGood > 1)) {
                break;
            }
        }

        return [$best, $wantsBackup && $best !== null && $asGood === 1 && $this->kit->count($best->tool->id) === 1];
    }

    /** @param list<Reason> $checks */
    private static function worst(array $checks): Fit
    {
        return array_reduce($checks, static fn(Fit $worst, Reason $check): Fit => $worst->worse($check->fit), Fit::Proper);
    }
}
