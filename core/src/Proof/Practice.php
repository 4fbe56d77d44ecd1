<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\Pulled;
use Gondrik\Core\Tool\Crimp;

/** How many were pulled out of a nest of a thing so far: before production twenty to thirty (common practice). */
final readonly class Practice
{
    /** So many at least. */
    public const FIRST = 20;

    private function __construct(
        /** Its label. */
        public string $nest,
        public int $pulls,
    ) {}

    public function isDone(): bool
    {
        return $this->pulls >= self::FIRST;
    }

    /**
     * @param list<Entry> $entries about the thing
     *
     * @return list<self> of each nest of its model, in order
     */
    public static function of(Asset $asset, array $entries): array
    {
        $labels = [];
        foreach ($asset->tool->capabilities as $capability) {
            foreach ($capability instanceof Crimp ? $capability->nests : [] as $nest) {
                $labels[$nest->label] = 0;
            }
        }
        foreach ($entries as $entry) {
            if (!$entry instanceof Pulled) {
                continue;
            }
            // Of a tool of one nest nobody need say which.
            $label = $entry->nest ?? (count($labels) === 1 ? (string) array_key_first($labels) : '');
            if (isset($labels[$label])) {
                $labels[$label] += count($entry->forces);
            }
        }

        return array_map(static fn(int|string $label, int $pulls): self => new self((string) $label, $pulls), array_keys($labels), array_values($labels));
    }
}
