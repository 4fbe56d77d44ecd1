<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Figure;

/** What is set or measured at a step; null for what that step has nothing to do with. */
final readonly class Settings
{
    public function __construct(
        /** What a caliper should say over the bare conductor, and over the insulation. */
        public ?Figure $conductor = null,
        public ?Figure $insulationOd = null,
        public ?Figure $sheathOd = null,
        public ?Figure $sheathLength = null,
        public ?Figure $pulls = null,
        /** So much of the sheath at a time. */
        public ?Figure $section = null,
        public ?Figure $stripLength = null,
        /** Strands that may be nicked or cut; of a solid conductor how deep. */
        public ?Figure $damagedStrands = null,
        public ?Figure $nickDepth = null,
        /** The tool has no stop for that length: it is measured. */
        public bool $byMeasure = false,
        public ?Figure $temperature = null,
        public ?Figure $cutLength = null,
        public ?Figure $force = null,
        public ?Figure $torque = null,
    ) {}
}
