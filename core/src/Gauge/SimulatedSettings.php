<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

/** What a simulated gauge is told to do. Forces are in its unit. */
final readonly class SimulatedSettings
{
    /**
     * @param string $name     one word
     * @param float  $mean     at which crimps give way
     * @param float  $spread   standard deviation
     * @param float  $drift    added to the mean from pull to pull
     * @param float  $capacity the most it measures
     * @param float  $noise    share of its lines that are disturbed
     * @param int    $hang     in which pull it falls silent; 0 for none
     * @param int    $cut      in which pull the line is cut
     * @param int    $flood    in which pull it floods the line
     * @param float  $pause    seconds from being armed to the pull: a crimp is put in
     * @param float  $seconds  that a pull takes
     */
    public function __construct(
        public string $name = 'simulated',
        public float $mean = 90.0,
        public float $spread = 4.0,
        public float $drift = 0.0,
        public GaugeUnit $unit = GaugeUnit::Newton,
        public float $capacity = 500.0,
        public float $noise = 0.0,
        public int $hang = 0,
        public int $cut = 0,
        public int $flood = 0,
        public float $pause = 1.5,
        public float $seconds = 2.0,
        public int $seed = 1,
    ) {}

    /**
     * The same with one of it otherwise.
     *
     * @throws \InvalidArgumentException with a sentence, when there is no such setting or it takes no such value
     */
    public function with(string $what, string $value): self
    {
        $now = get_object_vars($this);
        if (!array_key_exists($what, $now)) {
            throw new \InvalidArgumentException('"' . $what . '" is nothing a gauge is told; there are ' . implode(', ', array_keys($now)));
        }
        $now[$what] = match (true) {
            $now[$what] instanceof GaugeUnit => GaugeUnit::tryFrom($value) ?? throw self::refused($what, $value, 'N, lbf or kgf'),
            is_int($now[$what]) => preg_match('/^\d{1,6}$/', $value) === 1 ? (int) $value : throw self::refused($what, $value, 'a whole number'),
            is_float($now[$what]) => preg_match('/^-?\d{1,6}(\.\d{1,6})?$/', $value) === 1 && ($what === 'drift' || (float) $value >= 0.0) ? (float) $value : throw self::refused($what, $value, 'a number like 12.5'),
            default => preg_match('/^[A-Za-z0-9-]{1,40}$/', $value) === 1 ? $value : throw self::refused($what, $value, 'one word of letters, digits and hyphens'),
        };

        return new self(...$now);
    }

    private static function refused(string $what, string $value, string $must): \InvalidArgumentException
    {
        return new \InvalidArgumentException($what . ' "' . $value . '": must be ' . $must);
    }
}
