<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Invalid;
use Gondrik\Core\ListOf;

/** A tool model. Money in whole cents, mass in g, lengths in mm, forces in N. */
final readonly class Tool
{
    /** @var array<string, list<Capability>> by operation */
    private array $byOperation;

    /**
     * @param list<Capability> $capabilities
     * @param list<string>     $requires     ids of tools it cannot work without
     *
     * @throws Invalid when it requires itself
     */
    public function __construct(
        public string $id,
        public string $name,
        public ToolKind $kind,
        #[ListOf(Capability::class)]
        public array $capabilities,
        public ?int $price = null,
        public ?int $massGrams = null,
        public ?float $handSpan = null,
        public ?float $gripForce = null,
        public ?float $headSize = null,
        /** Works where access is tight. */
        public bool $compact = false,
        public bool $oneHanded = false,
        public Energy $energy = Energy::Hand,
        #[ListOf('string')]
        public array $requires = [],
        public ?int $perUse = null,
        public ?int $perMonth = null,
        public bool $inPlaceOnly = false,
        public ?string $note = null,
    ) {
        if (in_array($id, $requires, true)) {
            throw Invalid::at('requires', $id, 'other tools; a tool does not require itself');
        }
        $byOperation = [];
        foreach ($capabilities as $capability) {
            $byOperation[$capability::operation()->value][] = $capability;
        }
        $this->byOperation = $byOperation;
    }

    /** @return list<Capability> */
    public function capabilitiesFor(Operation $operation): array
    {
        return $this->byOperation[$operation->value] ?? [];
    }
}
