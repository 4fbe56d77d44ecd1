<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Match\Judge;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Rules\HouseRules;

/** The judge under some house rules, with the operations it judges by. */
final readonly class Judging
{
    public Operations $operations;

    public Judge $judge;

    public function __construct(HouseRules $rules)
    {
        $this->operations = new Operations($rules);
        $this->judge = new Judge($this->operations, $rules);
    }
}
