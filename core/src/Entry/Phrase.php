<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** Pieces that speak of one wire or terminal, and what they can mean. */
final readonly class Phrase
{
    /**
     * @param list<Features> $candidates those that are as good as any, in the order of what is known; none: unknown
     * @param list<Unit>     $matched    pieces that the candidates have
     * @param list<Unit>     $unknown    pieces that say nothing to anybody
     */
    private function __construct(
        public array $candidates,
        public array $matched,
        public array $unknown,
        /** It is a name, which means the same whatever else there is. */
        public bool $isName = false,
    ) {}

    /**
     * The candidates that have most of what is said, none of which says otherwise. A phrase that is an id or a name, or else
     * what the shop calls something, is that.
     *
     * @param list<Unit>     $units
     * @param list<Features> $known
     */
    public static function among(array $units, array $known, string $text): self
    {
        foreach ($known as $features) {
            if (self::isName($text, $features)) {
                return new self([$features], $units, [], true);
            }
        }
        $said = Name::plain($text);
        foreach ($known as $features) {
            if (in_array($said, array_map(Name::plain(...), $features->called), true)) {
                return new self([$features], $units, [], true);
            }
        }
        $best = [];
        $most = 0;
        foreach ($known as $features) {
            $score = 0;
            foreach ($units as $unit) {
                $has = $features->has($unit);
                if ($has === false) {
                    continue 2;
                }
                // What it states outweighs what it is only called.
                $score += $has !== true ? 0 : ($features->states($unit) ? 2 : 1);
            }
            if ($score > $most) {
                [$best, $most] = [[], $score];
            }
            if ($score === $most && $score > 0) {
                $best[] = $features;
            }
        }
        $matched = $unknown = [];
        foreach ($units as $unit) {
            $isMatched = false;
            foreach ($best as $features) {
                $isMatched = $isMatched || $features->has($unit) === true;
            }
            if ($isMatched) {
                $matched[] = $unit;
            } elseif ($unit->meaning?->isNoun() !== true) {
                $unknown[] = $unit;
            }
        }

        return new self($best, $matched, $unknown);
    }

    /**
     * Whether any of what is known could still be meant if one thing more were said, and has it.
     *
     * @param list<Unit>               $units
     * @param list<Features>           $known
     * @param \Closure(Features): bool $has
     */
    public static function allows(array $units, array $known, \Closure $has): bool
    {
        foreach ($known as $features) {
            foreach ($units as $unit) {
                if ($features->has($unit) === false) {
                    continue 2;
                }
            }
            if ($has($features)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a text is all of the name of something, by which it is always read. */
    public static function isName(string $text, Features $features): bool
    {
        $said = Name::plain($text);

        return $said === Name::plain($features->id) || $said === Name::plain($features->name);
    }
}
