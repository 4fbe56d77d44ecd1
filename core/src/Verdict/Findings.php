<?php

declare(strict_types=1);

namespace Gondrik\Core\Verdict;

/**
 * Where checks put what they find. Verdict first: choosing among many tools wants the numbers alone, so the reasons are kept
 * only where somebody is going to read them.
 */
final class Findings
{
    /** More remarks than any match can have. */
    public const MAKESHIFT = 1_000;

    private int $unsuitable = 0;

    private int $makeshift = 0;

    private int $remarks = 0;

    private float $miss = 0.0;

    /** @var list<Reason> */
    private array $reasons = [];

    /** Id of the wire that what is found is about. */
    private ?string $wire = null;

    /** @param int|null $limit a score that has to be beaten, where that is all that matters */
    private function __construct(private readonly bool $keepsReasons, private readonly ?int $limit = null) {}

    /** Keeps every reason. */
    public static function telling(): self
    {
        return new self(true);
    }

    /** Keeps the numbers of every check. */
    public static function counting(): self
    {
        return new self(false);
    }

    /** Keeps the numbers, and lets checks stop as soon as this can no longer be preferred to a score: to choose the best. */
    public static function choosing(int $limit = PHP_INT_MAX): self
    {
        return new self(false, $limit);
    }

    /** From here on it is about one wire of the line, or none. */
    public function about(?string $wire): void
    {
        $this->wire = $wire;
    }

    /** Of the same kind, with nothing found yet. */
    public function fresh(): self
    {
        return new self($this->keepsReasons, $this->limit);
    }

    /** Whether nothing more is asked of what cannot be preferred. */
    public function isChoosing(): bool
    {
        return $this->limit !== null;
    }

    /** Whether nothing that could still be found matters. */
    public function isLost(): bool
    {
        return $this->limit !== null && ($this->unsuitable > 0 || $this->remarks + ($this->makeshift > 0 ? self::MAKESHIFT : 0) >= $this->limit);
    }

    /**
     * One check. The parameters are those of Reason.
     *
     * @param array<string, string|int|float|list<string>> $numbers
     */
    public function add(ReasonCode $code, Fit $fit, array $numbers = [], ?float $value = null, ?float $limit = null, ?HouseRule $rule = null): void
    {
        if ($fit !== Fit::Proper) {
            $fit === Fit::Unsuitable ? $this->unsuitable++ : $this->makeshift++;
            $this->remarks += $fit === Fit::Makeshift ? 1 : 0;
            $this->miss += $value > 0 && $limit > 0 ? abs(log($value / $limit)) : M_LN10;
        } elseif ($code->isRemark()) {
            $this->remarks++;
        }
        if ($this->keepsReasons) {
            $this->reasons[] = new Reason($code, $fit, $numbers, $value, $limit, $rule, $this->wire);
        }
    }

    /** Everything that another has found. */
    public function take(self $other): void
    {
        $this->unsuitable += $other->unsuitable;
        $this->makeshift += $other->makeshift;
        $this->remarks += $other->remarks;
        $this->miss += $other->miss;
        if ($this->keepsReasons) {
            $this->reasons = [...$this->reasons, ...$other->reasons];
        }
    }

    /** To choose by: less is better, 0 is proper without a remark; a makeshift match comes after all proper ones. Null is unsuitable. */
    public function score(): ?int
    {
        return $this->unsuitable > 0 ? null : $this->remarks + ($this->makeshift > 0 ? self::MAKESHIFT : 0);
    }

    public function verdict(): Verdict
    {
        return new Verdict($this->unsuitable, $this->makeshift, $this->remarks, $this->miss);
    }

    /** @return list<Reason> every check, passed or failed; none where only numbers are kept */
    public function reasons(): array
    {
        return $this->reasons;
    }
}
