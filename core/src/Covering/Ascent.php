<?php

declare(strict_types=1);

namespace Gondrik\Core\Covering;

/**
 * The prices at one node as they are being improved: what they make of each item (relax), and a step toward where rows, needs
 * and limits would be kept (step). Prices are whole numbers, so what nothing is below is exact.
 */
final class Ascent
{
    /** How much of the last direction is kept (Camerini, Fratta and Maffioli): as measured best. */
    private const MOMENTUM = 0.8;

    private const MOST = 2 ** 60;

    /** Nothing below the node is less than this, by the prices as they are. */
    public int $least = 0;

    /** @var array<int, int> by open item: what choosing it would add */
    public array $reduced = [];

    /** @var array<int, true> open items that are worth choosing at these prices */
    public array $chosen = [];

    /** @var array<int, int> by element */
    private array $price = [];

    /** @var array<int, int> by arc */
    private array $need = [];

    private int $perMoney;

    private int $perMass;

    private int $perWon;

    /** @var array<int, int|float> sum of the prices of its elements, by group */
    private array $groupPrice = [];

    /** @var array<int, int|float> what a group costs that is not won */
    private array $penalty = [];

    private int $lost = 0;

    /** @var array<int, float> the last direction, by element and by arc */
    private array $slope = [];

    /** @var array<int, float> */
    private array $needSlope = [];

    /** @var array{float, float, float} the last direction of money, mass and what is won */
    private array $limitSlope = [0.0, 0.0, 0.0];

    /** @var array{float, float, float} what a step of each is measured by */
    private readonly array $norm;

    public function __construct(private readonly Compiled $compiled, private readonly Node $node, Multipliers $from)
    {
        foreach ($node->els as $element) {
            $this->price[$element] = $from->elements[$element] ?? 0;
        }
        foreach ($node->arcs as $arc) {
            $this->need[$arc] = $from->arcs[$arc] ?? 0;
        }
        [$this->perMoney, $this->perMass, $this->perWon] = [$from->money, $from->mass, $from->won];
        $this->norm = [
            $node->leftMoney === PHP_INT_MAX ? 0.0 : self::mean($node->free, $compiled->money),
            $node->leftMass === PHP_INT_MAX ? 0.0 : self::mean($node->free, $compiled->mass),
            $compiled->mayLose === null ? 0.0 : self::mean($node->groups, $compiled->weight),
        ];
    }

    public function multipliers(): Multipliers
    {
        return new Multipliers($this->price, $this->need, $this->perMoney, $this->perMass, $this->perWon);
    }

    /**
     * Lets every item and every group decide for itself at these prices; false when the prices have grown beyond whole numbers,
     * for then nothing that they say is exact.
     */
    public function relax(): bool
    {
        [$reduced, $least] = $this->priceItems();
        $least += $this->node->fixed + $this->priceGroups();
        $this->chosen = $exact = [];
        foreach ($reduced as $item => $of) {
            if (is_int($of)) {
                $exact[$item] = $of;
            }
            if ($of < 0) {
                $least += $of;
                $this->chosen[$item] = true;
            }
        }
        foreach ([[$this->perMoney, $this->node->leftMoney], [$this->perMass, $this->node->leftMass], [$this->perWon, $this->node->leftLost]] as [$price, $left]) {
            $least -= $price === 0 ? 0 : $price * $left;
        }
        if (count($exact) < count($reduced) || !is_int($least)) {
            return false;
        }
        $this->least = $least;
        $this->reduced = $exact;

        return true;
    }

    /**
     * Moves the prices by a part of a gap, along what is not kept; false when all is kept as it stands.
     *
     * @param float $gap by which the bound is to rise, times the pace
     */
    public function step(float $gap): bool
    {
        $square = $this->turnElements() + $this->turnNeeds() + $this->turnLimits();
        if ($square === 0.0) {
            return false;
        }
        $step = $gap / $square;
        foreach ($this->slope as $element => $off) {
            $this->price[$element] = (int) max(0, min(self::MOST, $this->price[$element] + round($step * $off)));
        }
        foreach ($this->needSlope as $arc => $off) {
            $this->need[$arc] = (int) max(0, min(self::MOST, $this->need[$arc] + round($step * $off)));
        }
        [$money, $mass, $won] = array_map(static fn(float $slope, float $norm): int => $slope === 0.0 ? 0 : (int) round($step * $slope / $norm), $this->limitSlope, $this->norm);
        $this->perMoney = (int) max(0, min(self::MOST, $this->perMoney + $money));
        $this->perMass = (int) max(0, min(self::MOST, $this->perMass + $mass));
        $this->perWon = (int) max(0, min(self::MOST, $this->perWon + $won));

        return true;
    }

    /** @return array{array<int, int|float>, int|float} what choosing each open item would add, and what those that are chosen pay for their needs */
    private function priceItems(): array
    {
        $reduced = [];
        $least = 0;
        foreach ($this->node->free as $item) {
            $reduced[$item] = $this->compiled->cost[$item] + $this->perMoney * $this->compiled->money[$item] + $this->perMass * $this->compiled->mass[$item];
        }
        $rowPrice = [];
        foreach ($this->price as $element => $of) {
            if ($of !== 0) {
                $row = $this->compiled->elRow[$element];
                $rowPrice[$row] = ($rowPrice[$row] ?? 0) + $of;
            }
        }
        foreach ($rowPrice as $row => $of) {
            foreach ($this->compiled->rowItems[$row] as $item) {
                if (isset($reduced[$item])) {
                    $reduced[$item] -= $of;
                }
            }
        }
        foreach ($this->need as $arc => $of) {
            if ($of === 0) {
                continue;
            }
            [$item, $either] = $this->compiled->arcs[$arc];
            if (isset($reduced[$item])) {
                $reduced[$item] += $of;
            } else {
                $least += $of;
            }
            foreach ($either as $other) {
                if (isset($reduced[$other])) {
                    $reduced[$other] -= $of;
                }
            }
        }

        return [$reduced, $least];
    }

    /** @return float|int what rows that must be covered and groups come to */
    private function priceGroups(): float|int
    {
        /** @var float|int $least */
        $least = 0;
        $groupPrice = [];
        foreach ($this->price as $element => $of) {
            $group = $this->compiled->elGroup[$element];
            if ($group < 0) {
                $least += $of;
            } else {
                $groupPrice[$group] = ($groupPrice[$group] ?? 0) + $of;
            }
        }
        $this->groupPrice = $groupPrice;
        $this->lost = 0;
        foreach ($this->node->groups as $group) {
            // What must be won has no price at which it would rather be lost.
            $penalty = isset($this->node->mustWin[$group]) ? PHP_INT_MAX : $this->compiled->penalty[$group] + $this->perWon * $this->compiled->weight[$group];
            $this->penalty[$group] = $penalty;
            $least += min($groupPrice[$group], $penalty);
            $this->lost += $groupPrice[$group] > $penalty ? $this->compiled->weight[$group] : 0;
        }

        return $least;
    }

    /** @return float the square of the new direction */
    private function turnElements(): float
    {
        $times = [];
        foreach ($this->chosen as $item => $_) {
            foreach ($this->compiled->itemRows[$item] as $row) {
                $times[$row] = ($times[$row] ?? 0) + 1;
            }
        }
        $square = 0.0;
        $slope = [];
        foreach ($this->price as $element => $of) {
            $group = $this->compiled->elGroup[$element];
            $wants = $group < 0 || $this->groupPrice[$group] <= $this->penalty[$group] ? 1 : 0;
            $off = $wants - ($times[$this->compiled->elRow[$element]] ?? 0) + self::MOMENTUM * ($this->slope[$element] ?? 0.0);
            if ($off > 0.0 || ($off < 0.0 && $of > 0)) {
                $slope[$element] = $off;
                $square += $off * $off;
            }
        }
        $this->slope = $slope;

        return $square;
    }

    private function turnNeeds(): float
    {
        $square = 0.0;
        $slope = [];
        foreach ($this->need as $arc => $of) {
            [$item, $either] = $this->compiled->arcs[$arc];
            $off = self::MOMENTUM * ($this->needSlope[$arc] ?? 0.0) + (isset($this->chosen[$item]) || $this->node->state[$item] === Node::IN ? 1 : 0);
            foreach ($either as $other) {
                $off -= isset($this->chosen[$other]) ? 1 : 0;
            }
            if ($off > 0.0 || ($off < 0.0 && $of > 0)) {
                $slope[$arc] = $off;
                $square += $off * $off;
            }
        }
        $this->needSlope = $slope;

        return $square;
    }

    private function turnLimits(): float
    {
        $off = [
            $this->norm[0] === 0.0 ? 0 : $this->spent($this->compiled->money) - $this->node->leftMoney,
            $this->norm[1] === 0.0 ? 0 : $this->spent($this->compiled->mass) - $this->node->leftMass,
            $this->norm[2] === 0.0 ? 0 : $this->lost - $this->node->leftLost,
        ];
        $square = 0.0;
        foreach ([$this->perMoney, $this->perMass, $this->perWon] as $limit => $price) {
            $slope = $this->norm[$limit] === 0.0 ? 0.0 : $off[$limit] / $this->norm[$limit] + self::MOMENTUM * $this->limitSlope[$limit];
            $this->limitSlope[$limit] = $slope > 0.0 || $price > 0 ? $slope : 0.0;
            $square += $this->limitSlope[$limit] ** 2;
        }

        return $square;
    }

    /** @param list<int> $amounts */
    private function spent(array $amounts): int
    {
        $sum = 0;
        foreach ($this->chosen as $item => $_) {
            $sum += $amounts[$item];
        }

        return $sum;
    }

    /**
     * @param list<int> $of
     * @param list<int> $amounts
     */
    private static function mean(array $of, array $amounts): float
    {
        $sum = 0;
        foreach ($of as $one) {
            $sum += $amounts[$one];
        }

        return max(1.0, $sum / max(1, count($of)));
    }
}
