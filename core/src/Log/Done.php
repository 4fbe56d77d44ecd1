<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Tool\DueKind;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;

/** What was due was done. */
final readonly class Done extends Entry
{
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Asset $asset,
        public DueKind $due,
        public Result $result = Result::Pass,
        public ?string $certificate = null,
        /** What its counter said. */
        public ?int $cycles = null,
        #[ByReference]
        ?Person $by = null,
        ?string $note = null,
    ) {
        parent::__construct($id, $on, $by, $note);
    }

    public static function what(): What
    {
        return What::Done;
    }

    public function asset(): Asset
    {
        return $this->asset;
    }

    public function reading(): ?int
    {
        return $this->cycles;
    }
}
