<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Tool;

/** What it takes to do an operation once with a tool: by the table, or as the shop has measured it where it has. */
final readonly class Rates
{
    private function __construct(public Pace $pace, private ?Measured $measured = null, private ?string $person = null) {}

    public static function ofTable(Pace $pace): self
    {
        return new self($pace);
    }

    /**
     * A hand's own figure decides; where it has none the shop's, of the tool or of the way in which it works; where the shop has none the
     * table.
     *
     * @param string|null $person id of whose hands they are; null for nobody in particular
     */
    public static function ofShop(Pace $pace, Measured $measured, ?string $person): self
    {
        return new self($pace, $measured, $person);
    }

    /** Null where nobody has said how long it takes. */
    public function once(Tool $tool, Capability $capability): ?Effort
    {
        $byTable = WorkTimes::once($capability, $this->pace);
        $seconds = $this->measured?->each($tool, $capability, $this->person);

        return $seconds === null ? $byTable : new Effort($seconds, $byTable->squeezes ?? 0);
    }
}
