<?php

declare(strict_types=1);

namespace Gondrik\Core\Tool;

use Gondrik\Core\Value\Invalid;

/** How often something has to be done to a tool: every so many days, every so many cycles of its counter, or whichever comes first. */
final readonly class Due
{
    /** @throws Invalid when it says neither */
    public function __construct(
        public DueKind $kind,
        public ?int $days = null,
        public ?int $cycles = null,
        /** What having it done costs, in cents. */
        public ?int $price = null,
    ) {
        if ($days === null && $cycles === null) {
            throw Invalid::at('', null, 'give days, cycles or both');
        }
    }

    /**
     * @param list<self> $dues
     * @param string     $path of the list
     *
     * @throws Invalid when a kind stands twice
     */
    public static function eachOnce(array $dues, string $path): void
    {
        $seen = [];
        foreach ($dues as $index => $due) {
            if (isset($seen[$due->kind->value])) {
                throw Invalid::at($path . '/' . $index . '/kind', $due->kind->value, 'each kind of due once');
            }
            $seen[$due->kind->value] = true;
        }
    }
}
