<?php

declare(strict_types=1);

namespace Gondrik\Core\Terminal;

use Gondrik\Core\Value\Invalid;

/** How much insulation comes off for a terminal, in mm. */
final readonly class StripLength
{
    /** @throws Invalid when nothing is stated or the ends are in the wrong order */
    public function __construct(
        public ?float $nominal = null,
        public ?float $min = null,
        public ?float $max = null,
    ) {
        if ($nominal === null && $min === null && $max === null) {
            throw Invalid::at('', null, 'give nominal, min or max');
        }
        if ($min !== null && $max !== null && $min > $max) {
            throw Invalid::at('min', $min, 'not more than max, ' . $max);
        }
        if ($nominal !== null && ($nominal < ($min ?? $nominal) || $nominal > ($max ?? $nominal))) {
            throw Invalid::at('nominal', $nominal, 'between min and max');
        }
    }

    /** mm: the nominal length, else the middle of its span, else the one end that is stated. */
    public function aim(): float
    {
        return $this->nominal ?? (($this->min ?? $this->max) + ($this->max ?? $this->min)) / 2;
    }
}
