<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** Reckons with decimals as they are written: 30 times 1.1 is 33, and not a hair more. */
final readonly class Decimal
{
    /** Digits behind the point that are kept. */
    private const SCALE = 24;

    /** @param numeric-string $digits */
    private function __construct(private string $digits) {}

    public static function of(int|float $number): self
    {
        // The shortest text that reads back as the same number is what somebody wrote.
        [$mantissa, $exponent] = [...explode('E', strtoupper(json_encode($number, JSON_THROW_ON_ERROR))), '0'];
        $power = bcpow('10', (string) abs((int) $exponent));
        assert(is_numeric($mantissa));

        return new self((int) $exponent < 0 ? bcdiv($mantissa, $power, self::SCALE) : bcmul($mantissa, $power, self::SCALE));
    }

    public function plus(int|float $other): self
    {
        return new self(bcadd($this->digits, self::of($other)->digits, self::SCALE));
    }

    public function times(int|float $other): self
    {
        return new self(bcmul($this->digits, self::of($other)->digits, self::SCALE));
    }

    /** The least whole number that is no less than this one divided by another. */
    public function dividedUp(int|float $by): int
    {
        $whole = $this->dividedDown($by);

        return bccomp(bcmul((string) $whole, self::of($by)->digits, self::SCALE), $this->digits, self::SCALE) < 0 ? $whole + 1 : $whole;
    }

    /** The greatest whole number that is no more; of what is not negative. */
    public function dividedDown(int|float $by): int
    {
        return (int) bcdiv($this->digits, self::of($by)->digits, 0);
    }
}
