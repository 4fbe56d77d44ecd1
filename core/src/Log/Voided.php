<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;

/** An earlier entry counts no longer, for every day, as if it had never been written. */
final readonly class Voided extends Entry
{
    public function __construct(
        string $id,
        Day $on,
        /** Id of the entry. */
        public string $entry,
        #[ByReference]
        ?Person $by = null,
        ?string $note = null,
    ) {
        parent::__construct($id, $on, $by, $note);
    }

    public static function what(): What
    {
        return What::Void;
    }
}
