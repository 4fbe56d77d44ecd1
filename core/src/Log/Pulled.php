<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;
use Gondrik\Core\Wire\Wire;

/** Terminations that it made were pulled: a subgroup of its chart. */
final readonly class Pulled extends Entry
{
    /**
     * @param list<float>            $forces
     * @param list<FailureMode>|null $modes  one for each force
     *
     * @throws Invalid when there are not as many modes as forces
     */
    public function __construct(
        string $id,
        Day $on,
        #[ByReference]
        public Asset $asset,
        #[ByReference]
        public Wire $wire,
        /** N, each at which one gave way. */
        #[ListOf('float')]
        public array $forces,
        public ?string $nest = null,
        #[ByReference]
        public ?Terminal $terminal = null,
        /** N that each must hold; null for what the table says. */
        public ?float $required = null,
        #[ListOf(FailureMode::class)]
        public ?array $modes = null,
        #[ByReference]
        ?Person $by = null,
        ?string $note = null,
    ) {
        parent::__construct($id, $on, $by, $note);
        if ($modes !== null && count($modes) !== count($forces)) {
            throw Invalid::at('modes', null, 'one for each force: ' . count($forces));
        }
    }

    public static function what(): What
    {
        return What::Pull;
    }

    public function asset(): Asset
    {
        return $this->asset;
    }
}
