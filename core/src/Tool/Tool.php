<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Value\Changed;
use Gondrik\Core\Value\Inline;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** A tool model. */
final readonly class Tool
{
    use Changed;

    /** @var array<string, non-empty-list<Capability>> by operation */
    private array $byOperation;

    /**
     * @param list<Capability> $capabilities
     * @param list<Due>        $dues         what has to be done to each of them again and again
     *
     * @throws Invalid when it requires itself, or a kind of due stands twice
     */
    public function __construct(
        public string $id,
        public string $name,
        public ToolKind $kind,
        #[ListOf(Capability::class)]
        public array $capabilities,
        #[Inline]
        public Cost $cost = new Cost(),
        #[Inline]
        public Handling $handling = new Handling(),
        #[Inline]
        public Needs $needs = new Needs(),
        public ?string $note = null,
        #[ListOf(Due::class)]
        public array $dues = [],
    ) {
        Due::eachOnce($dues, 'dues');
        if (in_array($id, $needs->requires, true)) {
            throw Invalid::at('requires', $id, 'other tools; a tool does not require itself');
        }
        $byOperation = [];
        foreach ($capabilities as $capability) {
            $byOperation[$capability::operation()->value][] = $capability;
        }
        $this->byOperation = $byOperation;
    }

    /**
     * The same, of which more is known.
     *
     * @param list<Capability> $capabilities
     */
    public function withCapabilities(array $capabilities, ?string $note): self
    {
        return $this->but(capabilities: $capabilities, note: $note);
    }

    /** @return list<string> the operations that it has */
    public function operations(): array
    {
        return array_keys($this->byOperation);
    }

    /** @return list<Capability> */
    public function capabilitiesFor(Operation $operation): array
    {
        return $this->byOperation[$operation->value] ?? [];
    }
}
