<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\Operations;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;

/** Computes what a kit covers of a scope. */
final class Coverage
{
    private readonly Choice $choice;

    private readonly LinesAsked $asked;

    private readonly Supervision $supervision;

    /** @var array<string, LineCover> by Line::work(): lines of equal work are covered alike, but for their figures */
    private array $alike = [];

    private function __construct(private readonly KitAsItStands $kit, private readonly HouseRules $rules, Known $known = new Known())
    {
        $operations = new Operations($rules);
        $this->choice = new Choice($kit, $rules, $operations, $known);
        $this->asked = new LinesAsked($rules, $operations, $known);
        $this->supervision = new Supervision($rules);
    }

    public static function of(KitAsItStands $kit, Scope $scope, HouseRules $rules): Report
    {
        return (new self($kit, $rules))->report($scope->whole());
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

        return $coverage->headlineOf($scope, array_map($coverage->line(...), $scope->whole()->lines));
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
        return new Headline(
            covered: $quantity[Status::Covered->value],
            makeshift: $quantity[Status::Makeshift->value],
            hole: $quantity[Status::Hole->value],
            faulty: $quantity[Status::Faulty->value],
            makeshiftCounts: $this->rules->makeshiftCounts,
            carryMissing: $this->kit->lacking($this->rules->carried($scope->carry)),
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
        $asked = $this->asked->of($line);

        return new LineCover($line, $asked->checks, array_map(fn(Step $step): StepCover => $this->step($line, $step, $asked->isCapped($step)), $asked->steps));
    }

    private function step(Line $line, Step $step, bool $isCapped): StepCover
    {
        [$work, $chosen, $unbacked] = $this->choice->for($line, $step);
        $supervised = $this->supervision->of($this->kit->worker, $line, $step);
        $isCapped = $isCapped || $supervised !== null;
        $status = Status::ofBest($chosen?->fit());

        return new StepCover($step, $work, $isCapped ? $status->worse(Status::Makeshift) : $status, $chosen, $unbacked, $isCapped, $supervised);
    }
}
