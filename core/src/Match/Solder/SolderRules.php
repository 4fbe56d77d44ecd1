<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Solder;

use Gondrik\Core\Match\Asked;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Gather;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Solder;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\ReasonCode;

/** @extends OperationRules<SolderWork, Solder> */
final class SolderRules extends OperationRules
{
    public static function operation(): Operation
    {
        return Operation::Solder;
    }

    public function isNeeded(Line $line, ?End $end): bool
    {
        return $end !== null && $line->terminal?->class->isSoldered() === true;
    }

    public function readsFigures(): bool
    {
        return true;
    }

    public function work(Line $line, ?End $end, Conditions $conditions): SolderWork
    {
        assert($end !== null);

        return new SolderWork($conditions, $end->wire->size, $line->temperature);
    }

    /** A temperature that the line states must be covered; an iron that states none cannot show that it does. */
    public function judge(Work $work, Capability $capability, Findings $findings): null
    {
        $asked = $work->temperature;
        if ($asked === null) {
            return null;
        }
        $limits = $capability->temperature;
        $limits?->holds($asked) === true
            ? $findings->add(ReasonCode::SolderTemperature, Fit::Proper, ['temperature' => $asked])
            : $findings->add(ReasonCode::SolderTemperature, Fit::Unsuitable, ['temperature' => $asked], $asked, $limits?->missedEnd($asked));

        return null;
    }

    public function weighsProven(): bool
    {
        return false;
    }

    public function wanted(array $works): Wanted
    {
        $limits = Gather::around($works, static fn(SolderWork $work): ?float => $work->temperature);

        return new Wanted(
            new Solder($limits),
            Asked::by($works),
            [...$limits === null || $limits->min === $limits->max ? [] : ['least' => (float) $limits->min], ...$limits === null ? [] : ['greatest' => (float) $limits->max]],
            heats: true,
        );
    }
}
