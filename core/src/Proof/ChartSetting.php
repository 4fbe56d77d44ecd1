<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\Pulled;

/** Which pulls of a thing one chart is of. */
final readonly class ChartSetting
{
    private function __construct(private string $wire, private ?string $terminal, private ?string $nest, private bool $isExact) {}

    /**
     * What is not given is not asked.
     *
     * @param string      $wire     id
     * @param string|null $terminal id
     * @param string|null $nest     label
     */
    public static function asked(string $wire, ?string $terminal = null, ?string $nest = null): self
    {
        return new self($wire, $terminal, $nest, false);
    }

    /** What is not given was not stated, either. */
    public static function exactly(string $wire, ?string $terminal, ?string $nest): self
    {
        return new self($wire, $terminal, $nest, true);
    }

    /** As an entry states it: what it does not say is part of it, too. */
    public static function stated(Pulled $pull): self
    {
        return new self($pull->wire->id, $pull->terminal?->id, $pull->nest, true);
    }

    /**
     * The settings in which a thing was pulled, as its entries state them.
     *
     * @param list<Entry> $entries about it
     *
     * @return list<self> in the order in which they are met first
     */
    public static function allOf(array $entries): array
    {
        $settings = [];
        foreach ($entries as $entry) {
            if ($entry instanceof Pulled) {
                $setting = self::stated($entry);
                $settings[$setting->key()] ??= $setting;
            }
        }

        return array_values($settings);
    }

    private function key(): string
    {
        return json_encode([$this->wire, $this->terminal, $this->nest], JSON_THROW_ON_ERROR);
    }

    public function has(Pulled $pull): bool
    {
        return $pull->wire->id === $this->wire
            && ($pull->terminal?->id === $this->terminal || (!$this->isExact && $this->terminal === null))
            && ($pull->nest === $this->nest || (!$this->isExact && $this->nest === null));
    }
}
