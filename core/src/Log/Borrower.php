<?php

declare(strict_types=1);

namespace Gondrik\Core\Log;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Invalid;

/** Who has a thing that is out: a person, a kit, or whatever else somebody wrote. */
final readonly class Borrower
{
    /** @throws Invalid when it is none of these, or more than one */
    public function __construct(
        #[ByReference]
        public ?Person $person = null,
        #[ByReference]
        public ?Kit $kit = null,
        public ?string $text = null,
    ) {
        if (count(array_filter([$person, $kit, $text], static fn(mixed $one): bool => $one !== null)) !== 1) {
            throw Invalid::at('', null, 'give person, kit or text, one of them');
        }
    }

    /** What he or it is called. */
    public function name(): string
    {
        return $this->person->name ?? $this->kit->name ?? $this->text ?? '';
    }
}
