<?php

declare(strict_types=1);

namespace Gondrik\Core\Asset;

use Gondrik\Core\Tool\Due;
use Gondrik\Core\Tool\DueKind;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** One thing of a tool model: it has a tag, a place and a history of its own. */
final readonly class Asset
{
    /**
     * @param list<Due>|null $dues null for those of the tool
     *
     * @throws Invalid when a kind of due stands twice, or it would go back before it came
     */
    public function __construct(
        /** What stands on its tag. */
        public string $id,
        #[ByReference]
        public Tool $tool,
        /** Where it lives until it is moved; null for the shelf. */
        #[ByReference]
        public ?Kit $home = null,
        public ?string $serial = null,
        public ?Day $bought = null,
        /** What was paid for it, in cents. */
        public ?int $price = null,
        /** What its counter said when it came. */
        public int $cycles = 0,
        public Terms $terms = Terms::Owned,
        /** The last day on which it can go back to where it came from; of what is not the shop's, the day on which it goes home. */
        public ?Day $returnBy = null,
        #[ListOf(Due::class)]
        public ?array $dues = null,
        public ?string $note = null,
    ) {
        Due::eachOnce($dues ?? [], 'dues');
        if ($bought !== null && $returnBy !== null && $bought->isAfter($returnBy)) {
            throw Invalid::at('returnBy', $returnBy->plain(), 'the day on which it was bought, ' . $bought . ', or a later one');
        }
    }

    /** @return list<Due> what has to be done to it again and again */
    public function dues(): array
    {
        return $this->dues ?? $this->tool->dues;
    }

    public function due(DueKind $kind): ?Due
    {
        foreach ($this->dues() as $due) {
            if ($due->kind === $kind) {
                return $due;
            }
        }

        return null;
    }
}
