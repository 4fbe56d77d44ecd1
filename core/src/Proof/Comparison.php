<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

/**
 * Whether two series of pulls differ by more than chance. The two need not spread alike: Welch's test (B. L. Welch, Biometrika 34, 1947; NIST/SEMATECH
 * e-Handbook, section 7.3.1, of unequal variances).
 */
final readonly class Comparison
{
    private function __construct(
        /** How far apart the means are, N: the first less the second. */
        public float $difference,
        /** In standard errors of it. */
        public float $t,
        /** Degrees of freedom, after Welch and Satterthwaite. */
        public float $freedom,
        /** How often chance alone would set them as far apart. */
        public float $chance,
    ) {}

    /** Null where one of them has fewer than two pulls, or neither spreads at all: then nothing can be said. */
    public static function of(Spread $one, Spread $other): ?self
    {
        if ($one->deviation === null || $other->deviation === null) {
            return null;
        }
        $errors = [$one->deviation ** 2 / $one->count, $other->deviation ** 2 / $other->count];
        $error = array_sum($errors);
        if ($error === 0.0) {
            return null;
        }
        $difference = $one->mean - $other->mean;
        $t = $difference / sqrt($error);
        $freedom = $error ** 2 / ($errors[0] ** 2 / ($one->count - 1) + $errors[1] ** 2 / ($other->count - 1));

        return new self($difference, $t, $freedom, StudentT::bothSides($t, $freedom));
    }

    /**
     * Several chances that are looked at together, as if each were the only one: with many comparisons chance alone would find a difference (S. Holm,
     * Scandinavian Journal of Statistics 6, 1979).
     *
     * @param array<int, float> $chances
     *
     * @return array<int, float> by the same keys
     */
    public static function together(array $chances): array
    {
        asort($chances);
        $least = 0.0;
        $rank = 0;
        foreach ($chances as $key => $chance) {
            $least = max($least, min(1.0, $chance * (count($chances) - $rank++)));
            $chances[$key] = $least;
        }
        ksort($chances);

        return $chances;
    }
}
