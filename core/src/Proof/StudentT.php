<?php

declare(strict_types=1);

namespace Gondrik\Core\Proof;

/** Student's distribution: how often chance alone goes so far. */
final class StudentT
{
    private const STEPS = 500;

    private const EXACT = 1e-15;

    /**
     * How probable it is that chance goes as far as `t`, to either side.
     *
     * @param float $freedom degrees of freedom, above 0, whole or not
     */
    public static function bothSides(float $t, float $freedom): float
    {
        // Abramowitz and Stegun, 26.7.1: the incomplete beta function at ν / (ν + t²), of ν/2 and 1/2.
        return self::incompleteBeta($freedom / ($freedom + $t * $t), $freedom / 2, 0.5);
    }

    /** Regularised. By its continued fraction (Abramowitz and Stegun, 26.5.8), after Lentz. */
    private static function incompleteBeta(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        // On its other side the fraction comes to its end sooner.
        if ($x > ($a + 1) / ($a + $b + 2)) {
            return 1.0 - self::incompleteBeta(1.0 - $x, $b, $a);
        }
        $front = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log(1.0 - $x)) / $a;
        $c = 1.0;
        $d = 1.0 / (1.0 - ($a + $b) * $x / ($a + 1));
        $fraction = $d;
        for ($m = 1; $m <= self::STEPS; $m++) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            foreach ([$even, $odd] as $term) {
                $d = 1.0 / (1.0 + $term * $d);
                $c = 1.0 + $term / $c;
                $fraction *= $c * $d;
            }
            if (abs($c * $d - 1.0) < self::EXACT) {
                break;
            }
        }

        return $front * $fraction;
    }

    /** For x > 0, by Stirling's series (Abramowitz and Stegun, 6.1.41) from where it is exact to the last digits. */
    private static function logGamma(float $x): float
    {
        $product = 1.0;
        for (; $x < 15.0; $x++) {
            $product *= $x;
        }
        $square = $x * $x;
        $series = (1 / 12 - (1 / 360 - (1 / 1260 - (1 / 1680 - 1 / (1188 * $square)) / $square) / $square) / $square) / $x;

        return ($x - 0.5) * log($x) - $x + 0.5 * log(2 * M_PI) + $series - log($product);
    }
}
