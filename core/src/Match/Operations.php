<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Match\Crimp\CrimpRules;
use Gondrik\Core\Match\Cut\CutRules;
use Gondrik\Core\Match\Extract\ExtractRules;
use Gondrik\Core\Match\PullTest\PullTestRules;
use Gondrik\Core\Match\ShearScrew\ShearScrewRules;
use Gondrik\Core\Match\Sleeve\SleeveRules;
use Gondrik\Core\Match\Solder\SolderRules;
use Gondrik\Core\Match\Strip\StripRules;
use Gondrik\Core\Match\StripSheath\StripSheathRules;
use Gondrik\Core\Match\Torque\TorqueRules;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Operation;

/** The operations in the order of work, each with its rules: the one place where they are listed. */
final readonly class Operations
{
    private const RULES = [
        CutRules::class,
        StripSheathRules::class,
        StripRules::class,
        CrimpRules::class,
        SolderRules::class,
        SleeveRules::class,
        ShearScrewRules::class,
        TorqueRules::class,
        PullTestRules::class,
        ExtractRules::class,
    ];

    /** @var array<string, OperationRules<Work, Capability>> by operation */
    private array $rules;

    public function __construct(HouseRules $house)
    {
        /** @var array<string, OperationRules<Work, Capability>> $rules */
        $rules = [];
        foreach (self::RULES as $class) {
            $rules[$class::operation()->value] = self::make($class, $house);
        }
        $this->rules = $rules;
    }

    /** @return OperationRules<Work, Capability> */
    private static function make(string $class, HouseRules $house): OperationRules
    {
        assert(is_subclass_of($class, OperationRules::class));

        return new $class($house);
    }

    /** @return OperationRules<Work, Capability> */
    public function of(Operation $operation): OperationRules
    {
        return $this->rules[$operation->value];
    }

    /** @return array<string, OperationRules<Work, Capability>> in the order of work */
    public function all(): array
    {
        return $this->rules;
    }
}
