<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\ShearScrew;

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
use Gondrik\Core\Tool\ShearScrew;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\ReasonCode;

/** @extends OperationRules<ShearScrewWork, ShearScrew> */
final class ShearScrewRules extends OperationRules
{
    public static function operation(): Operation
    {
        return Operation::ShearScrew;
    }

    public function isPerWire(Line $line): bool
    {
        return false;
    }

    public function isNeeded(Line $line, ?End $end): bool
    {
        return $line->shear !== null;
    }

    public function readsFigures(): bool
    {
        return true;
    }

    public function work(Line $line, ?End $end, Conditions $conditions): ShearScrewWork
    {
        return new ShearScrewWork($conditions, (string) $line->shear);
    }

    public function judge(Work $work, Capability $capability, Findings $findings): null
    {
        $fit = in_array($work->thread, $capability->threads, true) ? Fit::Proper : Fit::Unsuitable;
        $findings->add(ReasonCode::ShearThread, $fit, ['thread' => $work->thread, 'threads' => $capability->threads]);

        return null;
    }

    public function weighsProven(): bool
    {
        return false;
    }

    public function wanted(array $works): Wanted
    {
        $threads = Gather::each($works, static fn(ShearScrewWork $work): string => $work->thread);

        return new Wanted(new ShearScrew($threads), Asked::by($works), ['threads' => $threads]);
    }
}
