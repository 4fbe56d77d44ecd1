<?php

declare(strict_types=1);

namespace Gondrik\Core\Match;

use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Energy;
use Gondrik\Core\Tool\Handling;
use Gondrik\Core\Tool\Needs;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\ToolKind;

/** The least tool that would do all works of a hole. A tool built exactly from it closes the hole. */
final readonly class Wanted
{
    /**
     * @param array<string, string|int|float|list<string>> $numbers for its sentence, named as in data/wanted.csv
     * @param array<string, mixed>|null                    $members what to look for, where that is more than the capability says
     */
    public function __construct(
        public Capability $capability,
        public Asked $asked,
        public array $numbers,
        public ?array $members = null,
        /** It heats: without mains it runs on something else than the hand. */
        public bool $heats = false,
    ) {}

    /** A tool with just this capability. */
    public function tool(string $id): Tool
    {
        return new Tool(
            $id,
            'Wanted: ' . $this->capability::operation()->value,
            ToolKind::Other,
            [$this->capability],
            handling: new Handling(compact: $this->asked->compact, oneHanded: $this->asked->oneHanded),
            needs: new Needs($this->energy()),
        );
    }

    /** What it may run on. */
    public function energy(): Energy
    {
        return match (true) {
            !$this->heats => Energy::Hand,
            $this->asked->noMains => Energy::Battery,
            default => Energy::Mains,
        };
    }
}
