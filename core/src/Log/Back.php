<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Condition;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;

/** It came back. */
final readonly class Back extends Entry
{
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Asset $asset,
        public ?Condition $condition = null,
        #[ByReference]
        ?Person $by = null,
        ?string $note = null,
    ) {
        parent::__construct($id, $on, $by, $note);
    }

    public static function what(): What
    {
        return What::Back;
    }

    public function asset(): Asset
    {
        return $this->asset;
    }
}
