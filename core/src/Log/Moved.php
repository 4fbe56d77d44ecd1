<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;

/** It lives somewhere else from now on. */
final readonly class Moved extends Entry
{
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Asset $asset,
        /** Null for the shelf. */
        #[ByReference]
        public ?Kit $to = null,
        #[ByReference]
        ?Person $by = null,
        ?string $note = null,
    ) {
        parent::__construct($id, $on, $by, $note);
    }

    public static function what(): What
    {
        return What::Moved;
    }

    public function asset(): Asset
    {
        return $this->asset;
    }
}
