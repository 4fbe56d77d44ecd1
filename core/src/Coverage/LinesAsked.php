<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Match\LineChecks;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Steps;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;

/** What lines ask under one house's rules, before any kit is looked at. */
final readonly class LinesAsked
{
    /** The steps that hold a wire: a makeshift check caps the first of these that a line has. */
    private const HOLDING = [Operation::Crimp, Operation::Solder, Operation::Torque];

    private LineChecks $checks;

    private Steps $steps;

    public function __construct(HouseRules $rules, Operations $operations, private Known $known)
    {
        $this->checks = new LineChecks($rules);
        $this->steps = new Steps($operations);
    }

    public function of(Line $line): AskedOfLine
    {
        $known = $this->known->lines;

        return $known[$line->work()] ??= $this->asked($line);
    }

    private function asked(Line $line): AskedOfLine
    {
        $checks = $this->checks->of($line);
        $worst = Fit::Proper;
        foreach ($checks as $check) {
            $worst = $worst->worse($check->fit);
        }
        $steps = $worst === Fit::Unsuitable ? [] : $this->steps->of($line);

        return new AskedOfLine($checks, $steps, $worst === Fit::Makeshift ? self::capped($steps, $checks) : []);
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
