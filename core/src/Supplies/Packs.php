<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Stock\Pack;

/**
 * The best packs of one stock for any number of pieces: least money, then least left over, then fewest packs, then most of the first
 * pack in which two choices differ. Exact: a table of the best outlay for each number of pieces, as far as that has to go. The pack
 * that is cheapest by the piece fills up all beyond: of others fewer than its pieces are ever taken, for among so many there would be
 * some whose pieces are a multiple of its own.
 */
final class Packs
{
    /** @var list<Outlay> of one pack each */
    private readonly array $each;

    /** A number of pieces that all packs are multiples of. */
    private readonly int $unit;

    /** The pack that is cheapest by the piece, then greatest, then first. */
    private readonly int $cheapest;

    /** Units up to which the table has to go. */
    private readonly int $reach;

    /** @var list<Outlay> of the best choice by units */
    private array $best;

    /** @param non-empty-list<Pack> $packs */
    public function __construct(array $packs)
    {
        $this->each = array_map(static fn(Pack $pack): Outlay => new Outlay($pack->price, $pack->pieces, 1), $packs);
        $unit = $cheapest = $widest = 0;
        foreach ($this->each as $at => $of) {
            $with = $this->each[$cheapest];
            $unit = self::commonUnit($unit, $of->pieces);
            $widest = max($widest, $of->pieces);
            $dearness = $of->cents * $with->pieces <=> $with->cents * $of->pieces;
            if ($dearness < 0 || ($dearness === 0 && $of->pieces > $with->pieces)) {
                $cheapest = $at;
            }
        }
        $this->unit = $unit;
        $this->cheapest = $cheapest;
        $this->reach = intdiv($this->each[$cheapest]->pieces, $unit) * intdiv($widest, $unit);
        $this->best = [new Outlay()];
    }

    /** Cents that a piece costs at the least. */
    public function rate(): float
    {
        return $this->each[$this->cheapest]->cents / $this->each[$this->cheapest]->pieces;
    }

    public function outlay(int $pieces): Outlay
    {
        $units = $this->units($pieces);
        $fill = $this->each[$this->cheapest];
        $ofFill = intdiv($fill->pieces, $this->unit);
        $times = max(0, intdiv($units - $this->reach + $ofFill - 1, $ofFill));
        for ($to = count($this->best); $to <= $units - $times * $ofFill; $to++) {
            $this->best[] = $this->bestOf($to);
        }

        return $this->best[$units - $times * $ofFill]->plus($fill, $times);
    }

    /** @return list<int> how many of each pack */
    public function counts(int $pieces): array
    {
        $counts = [];
        foreach ($this->each as $one) {
            $count = 0;
            // What is left once the best choice is less one of its packs is best for what that leaves.
            while ($pieces > 0 && $this->outlay($pieces)->against($this->outlay($pieces - $one->pieces)->plus($one)) === 0) {
                $pieces -= $one->pieces;
                $count++;
            }
            $counts[] = $count;
        }

        return $counts;
    }

    private function bestOf(int $units): Outlay
    {
        $best = null;
        foreach ($this->each as $one) {
            $with = $this->best[max(0, $units - intdiv($one->pieces, $this->unit))]->plus($one);
            if ($best === null || $with->against($best) < 0) {
                $best = $with;
            }
        }
        assert($best !== null);

        return $best;
    }

    private function units(int $pieces): int
    {
        return max(0, intdiv($pieces + $this->unit - 1, $this->unit));
    }

    private static function commonUnit(int $one, int $other): int
    {
        while ($other !== 0) {
            [$one, $other] = [$other, $one % $other];
        }

        return $one;
    }
}
