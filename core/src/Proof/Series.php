<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\FailureMode;
use Gondrik\Core\Log\Pulled;
use Gondrik\Core\Rules\PullStandard;

/** Pulls of one wire and terminal that were made alike: with one thing, in one nest, under one note (what was tried: how far it was stripped, with the grip or without). */
final readonly class Series
{
    /** How often chance alone may go so far, and a difference is one. */
    public const CHANCE = 0.05;

    private function __construct(
        public Asset $asset,
        public ?string $nest,
        public ?string $note,
        public Spread $spread,
        /** @var list<float> N, in the order in which they were pulled */
        public array $forces,
        /** @var array<string, int> how often each way of giving way was told */
        public array $modes,
        /** N, the greatest of what they must hold. */
        public ?float $required,
        /** Against the first of those compared; null for itself, and where nothing can be said. */
        public ?Comparison $comparison,
        /** The same, with all that were compared taken together. */
        public ?float $chance,
    ) {}

    /** Whether it is worse than the best by more than chance. */
    public function isWorse(): bool
    {
        return $this->chance !== null && $this->chance < self::CHANCE;
    }

    /**
     * All of a wire and terminal, the best first.
     *
     * @param list<Entry> $entries  of all things, in the order of days, as they stand
     * @param string      $wire     id
     * @param string|null $terminal id; null for none
     *
     * @return list<self>
     */
    public static function allOf(array $entries, string $wire, ?string $terminal, PullStandard $standard): array
    {
        $alike = [];
        foreach ($entries as $entry) {
            if ($entry instanceof Pulled && $entry->forces !== [] && $entry->wire->id === $wire && $entry->terminal?->id === $terminal) {
                $alike[json_encode([$entry->asset->id, $entry->nest, $entry->note], JSON_THROW_ON_ERROR)][] = $entry;
            }
        }
        $spreads = array_map(static fn(array $pulls): Spread => Spread::of(self::forces($pulls)), $alike);
        uasort($spreads, static fn(Spread $one, Spread $other): int => $other->mean <=> $one->mean);
        $best = reset($spreads);
        $comparisons = [];
        foreach (array_slice(array_values($spreads), 1) as $at => $spread) {
            $comparisons[$at] = $best === false ? null : Comparison::of($best, $spread);
        }
        $chances = Comparison::together(array_map(static fn(Comparison $one): float => $one->chance, array_filter($comparisons)));
        $series = [];
        foreach (array_keys($spreads) as $at => $key) {
            $pulls = $alike[$key];
            $required = array_filter(array_map(static fn(Pulled $pull): ?float => RequiredForce::of($pull, $standard), $pulls), static fn(?float $force): bool => $force !== null);
            $modes = array_merge(...array_map(static fn(Pulled $pull): array => $pull->modes ?? [], $pulls));
            $series[] = new self(
                $pulls[0]->asset,
                $pulls[0]->nest,
                $pulls[0]->note,
                $spreads[$key],
                self::forces($pulls),
                array_count_values(array_map(static fn(FailureMode $mode): string => $mode->value, $modes)),
                $required === [] ? null : max($required),
                $comparisons[$at - 1] ?? null,
                $chances[$at - 1] ?? null,
            );
        }

        return $series;
    }

    /**
     * @param non-empty-list<Pulled> $pulls
     *
     * @return non-empty-list<float>
     */
    private static function forces(array $pulls): array
    {
        /** @var non-empty-list<float> $forces an entry without a force is in no series */
        $forces = array_merge(...array_map(static fn(Pulled $pull): array => $pull->forces, $pulls));

        return $forces;
    }
}
