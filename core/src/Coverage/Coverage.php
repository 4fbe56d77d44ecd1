<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\LineChecks;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Steps;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\ReasonCode;

/** Computes what a kit covers of a scope. */
final class Coverage
{
    /** The steps that hold a wire: a makeshift check caps the first of these that a line has. */
    private const HOLDING = [Operation::Crimp, Operation::Solder, Operation::Torque];

    private readonly Choice $choice;

    private readonly LineChecks $checks;

    private readonly Steps $steps;

    /** @var array<string, LineCover> by Line::work(): lines of equal work are covered alike, but for their figures */
    private array $alike = [];

    private function __construct(private readonly KitAsItStands $kit, private readonly HouseRules $rules, private readonly Known $known = new Known())
    {
        $operations = new Operations($rules);
        $this->choice = new Choice($kit, $rules, $operations, $known);
        $this->checks = new LineChecks($rules);
        $this->steps = new Steps($operations);
    }

    public static function of(KitAsItStands $kit, Scope $scope, HouseRules $rules): Report
    {
        return (new self($kit, $rules))->report($scope);
    }

    /**
     * With everything that is packed; while no kit is in hand, what one without tools would do, so that the steps and what is wrong
     * with the lines are told.
     */
    public static function onPaper(?Kit $kit, Scope $scope, HouseRules $rules): Report
    {
        return self::of($kit === null ? KitAsItStands::none() : KitAsItStands::onPaper($kit), $scope, $rules);
    }

    /** The headline alone, with what is known of the same scope under the same rules already. */
    public static function headline(KitAsItStands $kit, Scope $scope, HouseRules $rules, Known $known): Headline
    {
        $coverage = new self($kit, $rules, $known);

        return $coverage->headlineOf($scope, array_map($coverage->line(...), $scope->lines));
    }

    private function report(Scope $scope): Report
    {
        $lines = array_map($this->line(...), $scope->lines);

        return new Report($this->kit, $scope, $this->rules, $this->headlineOf($scope, $lines), $lines, (new HoleFinder($this->choice))->holes($lines));
    }

    /** @param list<LineCover> $lines */
    private function headlineOf(Scope $scope, array $lines): Headline
    {
        $quantity = array_fill_keys(array_column(Status::cases(), 'value'), 0);
        foreach ($lines as $line) {
            $quantity[$line->status->value] += $line->line->quantity;
        }
        $carried = $this->rules->carried($scope->carry);

        return new Headline(
            covered: $quantity[Status::Covered->value],
            makeshift: $quantity[Status::Makeshift->value],
            hole: $quantity[Status::Hole->value],
            faulty: $quantity[Status::Faulty->value],
            makeshiftCounts: $this->rules->makeshiftCounts,
            carryMissing: array_values(array_filter($carried, fn(ToolKind $kind): bool => !$this->kit->hasKind($kind))),
        );
    }

    private function line(Line $line): LineCover
    {
        $known = $this->alike[$line->work()] ??= $this->cover($line);
        if ($known->line === $line || $line->hasFiguresOf($known->line)) {
            return $known->of($line, $known->steps);
        }

        $steps = [];
        foreach ($known->steps as $cover) {
            $steps[] = $this->choice->operations->of($cover->step->operation)->readsFigures() ? $this->step($line, $cover->step, $cover->isCapped) : $cover;
        }

        return $known->of($line, $steps);
    }

    private function cover(Line $line): LineCover
    {
        $known = $this->known->lines;
        [$checks, $steps, $capped] = $known[$line->work()] ??= $this->asked($line);

        return new LineCover($line, $checks, array_map(fn(Step $step): StepCover => $this->step($line, $step, $capped !== [] && in_array($step, $capped, true)), $steps));
    }

    /** @return array{list<Reason>, list<Step>, list<Step>} what holds of a line whatever the kit: its checks, its steps, none of a faulty one, and those that are capped */
    private function asked(Line $line): array
    {
        $checks = $this->checks->of($line);
        $worst = Fit::Proper;
        foreach ($checks as $check) {
            $worst = $worst->worse($check->fit);
        }
        $steps = $worst === Fit::Unsuitable ? [] : $this->steps->of($line);

        return [$checks, $steps, $worst === Fit::Makeshift ? self::capped($steps, $checks) : []];
    }

    private function step(Line $line, Step $step, bool $isCapped): StepCover
    {
        [$work, $chosen, $unbacked] = $this->choice->for($line, $step);
        $supervised = $this->supervised($line, $step);
        $isCapped = $isCapped || $supervised !== null;
        $status = Status::ofBest($chosen?->fit());

        return new StepCover($step, $work, $isCapped ? $status->worse(Status::Makeshift) : $status, $chosen, $unbacked, $isCapped, $supervised);
    }

    /** Why who works does a step only with somebody beside them; null where they may do it alone, or nobody in particular works. */
    private function supervised(Line $line, Step $step): ?Reason
    {
        $worker = $this->kit->worker;
        $skill = $worker === null ? null : $step->skill($line);

        return $worker === null || $worker->isSignedOff($skill) || !$this->rules->wantsSignOff($step->operation, $skill)
            ? null
            : new Reason(ReasonCode::HandNotSignedOff, Fit::Makeshift, ['worker' => $worker->name], rule: $this->rules->changed(HouseRule::SignOffFor));
    }

    /**
     * The steps that the makeshift checks of a line cap: the first of those that hold a wire; of a splice the end whose wire
     * a check names, both ends where it names none.
     *
     * @param list<Step>   $steps
     * @param list<Reason> $checks
     *
     * @return list<Step>
     */
    private static function capped(array $steps, array $checks): array
    {
        foreach ($steps as $step) {
            if (in_array($step->operation, self::HOLDING, true)) {
                $holding = array_values(array_filter($steps, static fn(Step $other): bool => $other->operation === $step->operation));
                $capped = [];
                foreach ($checks as $check) {
                    if ($check->fit === Fit::Makeshift) {
                        $named = array_values(array_filter($holding, static fn(Step $other): bool => $other->wire()?->id === $check->wire));
                        $capped = [...$capped, ...$named === [] ? $holding : $named];
                    }
                }

                return $capped;
            }
        }

        return [];
    }
}
