<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/**
 * Finds full names of what is known in an entry, so that no word, number or comma in one is taken for anything else: "Ring,
 * yellow, M6" is that ring, and the 3 × of "3 × 1.5 mm² heating cable" its cores. Names of a single word say too little for that.
 */
final readonly class FullNames
{
    /** @param array<string, list<array{string, string}>> $names by their first word: the name as it is compared, and what it names; longest first */
    private function __construct(private array $names) {}

    /** @param list<Features> $features */
    public static function of(array $features): self
    {
        $names = [];
        foreach ($features as $feature) {
            $name = self::folded(trim($feature->name));
            if (count(Units::of($name)) > 1) {
                $names[explode(' ', $name)[0]][] = [$name, $feature->key()];
            }
        }
        foreach ($names as &$alike) {
            usort($alike, static fn(array $one, array $other): int => mb_strlen($other[0]) <=> mb_strlen($one[0]));
        }

        return new self($names);
    }

    /**
     * @param list<Unit> $units of the text
     *
     * @return list<Unit> the same, each full name as one
     */
    public function in(string $text, array $units): array
    {
        $folded = self::folded($text);
        $found = [];
        for ($at = 0; $at < count($units); $at++) {
            [$named, $last] = $this->at($folded, $text, $units, $at);
            $found[] = $named ?? $units[$at];
            $at = $last;
        }

        return $found;
    }

    /**
     * @param list<Unit> $units
     *
     * @return array{Unit|null, int} the name that begins here, and the last unit of it
     */
    private function at(string $folded, string $text, array $units, int $at): array
    {
        $from = $units[$at]->from;
        $rest = mb_substr($folded, $from);
        foreach ($this->names[explode(' ', $rest)[0]] ?? [] as [$name, $key]) {
            if (!str_starts_with($rest, $name)) {
                continue;
            }
            $to = $from + mb_strlen($name);
            foreach (array_slice($units, $at, null, true) as $last => $unit) {
                if ($unit->to === $to) {
                    return [new Unit(UnitKind::Named, $from, $to, mb_substr($text, $from, $to - $from), $key), $last];
                }
            }
        }

        return [null, $at];
    }

    /** As it is compared; no character more or less, so that places stay. */
    private static function folded(string $text): string
    {
        return (string) preg_replace('~\s~u', ' ', str_replace(['²', '×'], ['2', 'x'], mb_strtolower($text)));
    }
}
