<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Extract;

use Gondrik\Core\Match\Asked;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Gather;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Extract;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\ReasonCode;

/** @extends OperationRules<ExtractWork, Extract> */
final class ExtractRules extends OperationRules
{
    public static function operation(): Operation
    {
        return Operation::Extract;
    }

    public function isPerWire(Line $line): bool
    {
        return false;
    }

    public function isNeeded(Line $line, ?End $end): bool
    {
        return $end !== null && $line->joint->housing && $line->terminal?->extractCode !== null;
    }

    public function work(Line $line, ?End $end, Conditions $conditions): ExtractWork
    {
        assert($end !== null);

        return new ExtractWork($conditions, $end->wire->size, (string) $line->terminal?->extractCode);
    }

    public function judge(Work $work, Capability $capability, Findings $findings): null
    {
        $fit = in_array($work->code, $capability->codes, true) ? Fit::Proper : Fit::Unsuitable;
        $findings->add(ReasonCode::ExtractCode, $fit, ['code' => $work->code, 'codes' => $capability->codes]);

        return null;
    }

    public function weighsProven(): bool
    {
        return false;
    }

    public function group(Work $work): array
    {
        return [$work->code];
    }

    public function wanted(array $works): Wanted
    {
        $codes = Gather::each($works, static fn(ExtractWork $work): string => $work->code);

        return new Wanted(new Extract($codes), Asked::by($works), ['codes' => $codes]);
    }
}
