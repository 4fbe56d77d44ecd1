<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;

/** So many pieces were done with a tool, and somebody looked at the clock. Seconds for all of them. */
final readonly class Timed extends Entry
{
    /** @throws Invalid when the tool does not do that at all */
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Tool $tool,
        public Operation $op,
        public int $pieces,
        public float $seconds,
        /** Whose hands; null where nobody said. */
        #[ByReference]
        public ?Person $person = null,
        #[ByReference]
        ?Person $by = null,
        ?string $note = null,
    ) {
        parent::__construct($id, $on, $by, $note);
        foreach ($tool->capabilities as $capability) {
            if ($capability::operation() === $op) {
                return;
            }
        }
        throw Invalid::at('op', $op->value, 'something that the tool does');
    }

    public static function what(): What
    {
        return What::Timed;
    }

    /** Seconds for one piece. */
    public function each(): float
    {
        return $this->seconds / $this->pieces;
    }
}
