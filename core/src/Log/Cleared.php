<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;

/** Somebody signs it back into service, and says why. */
final readonly class Cleared extends Entry
{
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Asset $asset,
        /** The reason. */
        string $note,
        #[ByReference]
        ?Person $by = null,
    ) {
        parent::__construct($id, $on, $by, $note);
    }

    public static function what(): What
    {
        return What::Cleared;
    }

    public function asset(): Asset
    {
        return $this->asset;
    }
}
