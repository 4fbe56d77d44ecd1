<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;

/** Something that happened to a stock: so many pieces (mm of a tube). */
abstract readonly class OfStock extends Entry
{
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Stock $stock,
        public int $pieces,
        #[ByReference]
        ?Person $by = null,
        ?string $note = null,
    ) {
        parent::__construct($id, $on, $by, $note);
    }
}
