<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;

/** Its counter was read. */
final readonly class CyclesRead extends Entry
{
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Asset $asset,
        public int $cycles,
        #[ByReference]
        ?Person $by = null,
        ?string $note = null,
    ) {
        parent::__construct($id, $on, $by, $note);
    }

    public static function what(): What
    {
        return What::Cycles;
    }

    public function asset(): Asset
    {
        return $this->asset;
    }

    public function reading(): int
    {
        return $this->cycles;
    }
}
