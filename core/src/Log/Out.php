<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;

/** It was given out. */
final readonly class Out extends Entry
{
    /** @throws Invalid when it is to be back before it goes */
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Asset $asset,
        public Borrower $to,
        /** The day on which it is to be back. */
        public ?Day $due = null,
        #[ByReference]
        ?Person $by = null,
        ?string $note = null,
    ) {
        parent::__construct($id, $on, $by, $note);
        if ($due !== null && $on->isAfter($due)) {
            throw Invalid::at('due', $due->plain(), 'the day itself or a later one: it goes out on ' . $on);
        }
    }

    public static function what(): What
    {
        return What::Out;
    }

    public function asset(): Asset
    {
        return $this->asset;
    }
}
