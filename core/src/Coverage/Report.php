<?php

declare(strict_types=1);

namespace Gondrik\Core\Coverage;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\KitAsItStands;

/** Kit × scope: computed, never stored. */
final readonly class Report
{
    /**
     * @param list<LineCover> $lines in the order of the scope
     * @param list<Hole>      $holes
     */
    public function __construct(
        public KitAsItStands $kit,
        public Scope $scope,
        public HouseRules $rules,
        public Headline $headline,
        public array $lines,
        public array $holes,
    ) {}

    /** Nothing left to mend: no hole and no faulty line. */
    public function isWhole(): bool
    {
        return $this->headline->hole === 0 && $this->headline->faulty === 0;
    }
}
