<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Stock\Box;
use Gondrik\Core\Stock\BoxPart;
use Gondrik\Core\Stock\Stock;

/**
 * The cheapest packs and divided boxes that bring all that is short; of equal ones that with least left over, then with fewest packages,
 * then with more of the first package in which they differ (packs stock by stock, then boxes). Depth first over how many of each box; what
 * the boxes leave short, packs bring, stock by stock, exactly. What no longer can come to less than the best so far is not gone into.
 */
final class Buying
{
    /** Boxes up to which nothing is left untried. */
    public const EXACT = 4;

    /** Choices of boxes that are tried beyond that. */
    private const TRIED = 60_000;

    /** Less than a cent: what is reckoned in fractions is not held to the last bit. */
    private const HAIR = 1e-3;

    /** @var array<string, Packs> by stock, of what is short or may come in a box */
    private array $packs = [];

    /** @var array<string, int> pieces by stock */
    private array $short = [];

    /** @var array<string, int> */
    private array $open = [];

    /** @var list<Box> that bring anything of what is short */
    private array $boxes = [];

    /** @var list<PieceWorth> while the boxes from this one on may still be bought */
    private array $worth = [];

    /** What packs cost of the stocks that stand in no box. */
    private Outlay $apart;

    /** @var array<string, true> stocks that stand in a box */
    private array $boxed = [];

    private ?Outlay $best = null;

    /** @var list<int> how many of each box that takes */
    private array $bestBoxes = [];

    private int $tries = 0;

    private readonly int $mayTry;

    /**
     * @param list<Stock>        $stocks in the order of the workbook
     * @param list<Box>          $boxes
     * @param array<string, int> $short  pieces by stock
     */
    private function __construct(array $stocks, array $boxes, array $short)
    {
        $brought = [];
        foreach ($boxes as $box) {
            foreach ($box->holds as $part) {
                $brought[$part->stock->id] = true;
            }
        }
        foreach ($stocks as $stock) {
            $of = $short[$stock->id] ?? 0;
            if ($stock->packs !== []) {
                $this->packs[$stock->id] = new Packs($stock->packs);
            }
            if ($of > 0 && $stock->packs === [] && !isset($brought[$stock->id])) {
                $this->open[$stock->id] = $of;
            } elseif ($of > 0) {
                $this->short[$stock->id] = $of;
            }
        }
        $this->boxes = array_values(array_filter($boxes, fn(Box $box): bool => self::most($box, $this->short) > 0));
        foreach ($this->boxes as $box) {
            foreach ($box->holds as $part) {
                $this->boxed[$part->stock->id] = true;
            }
        }
        $this->apart = $this->packed(array_diff_key($this->short, $this->boxed));
        $inPacks = [];
        foreach (array_intersect_key($this->short, $this->boxed) as $stock => $pieces) {
            $inPacks[$stock] = isset($this->packs[$stock]) ? $this->packs[$stock]->rate() : INF;
        }
        for ($from = 0; $from <= count($this->boxes); $from++) {
            $this->worth[] = PieceWorth::of($inPacks, array_slice($this->boxes, $from));
        }
        $this->mayTry = count($this->boxes) > self::EXACT ? self::TRIED : PHP_INT_MAX;
    }

    /**
     * @param list<Stock>        $stocks in the order of the workbook
     * @param list<Box>          $boxes
     * @param array<string, int> $short  pieces by stock
     */
    public static function of(array $stocks, array $boxes, array $short): Purchase
    {
        return (new self($stocks, $boxes, $short))->purchase();
    }

    private function purchase(): Purchase
    {
        $short = array_intersect_key($this->short, $this->boxed);
        $this->go(0, $short, new Outlay(), []);
        assert($this->best !== null);
        $left = $this->after($this->bestBoxes, $this->short);
        $bought = $this->best->plus($this->apart);
        $isWhole = $this->tries <= $this->mayTry;
        $bound = (int) ceil($this->worth[0]->ofAll($short) - self::HAIR) + $this->apart->cents;

        return new Purchase(
            $this->countsOf($left),
            array_combine(array_column($this->boxes, 'id'), $this->bestBoxes),
            $this->open,
            $bought,
            $bought->pieces - array_sum($this->short),
            $isWhole ? $bought->cents : min($bound, $bought->cents),
        );
    }

    /**
     * @param array<string, int> $short what is short after the boxes so far, of stocks that stand in a box
     * @param list<int>          $taken of the boxes so far
     */
    private function go(int $from, array $short, Outlay $spent, array $taken): void
    {
        if ($this->best !== null && ($this->tries > $this->mayTry || $spent->cents + $this->worth[$from]->ofAll($short) > $this->best->cents + self::HAIR)) {
            return;
        }
        $box = $this->boxes[$from] ?? null;
        if ($box === null) {
            $this->tries++;
            $this->keep($short, $spent, $taken);

            return;
        }
        $one = new Outlay($box->price, array_sum(array_column($box->holds, 'pieces')), 1);
        for ($count = 0, $most = self::most($box, $short); $count <= $most; $count++) {
            $this->go($from + 1, $short, $spent, [...$taken, $count]);
            foreach ($box->holds as $part) {
                if (isset($short[$part->stock->id])) {
                    $short[$part->stock->id] -= $part->pieces;
                }
            }
            $spent = $spent->plus($one);
        }
    }

    /**
     * @param array<string, int> $short
     * @param list<int>          $taken
     */
    private function keep(array $short, Outlay $spent, array $taken): void
    {
        foreach ($short as $stock => $pieces) {
            if ($pieces > 0 && !isset($this->packs[$stock])) {
                return;
            }
        }
        $all = $spent->plus($this->packed($short));
        $against = $this->best === null ? -1 : $all->against($this->best);
        if ($against < 0 || ($against === 0 && $this->stands($taken) > $this->stands($this->bestBoxes))) {
            [$this->best, $this->bestBoxes] = [$all, $taken];
        }
    }

    /**
     * How it stands among equal ones: of two the greater is taken.
     *
     * @param list<int> $taken
     *
     * @return list<int> packs stock by stock, then boxes
     */
    private function stands(array $taken): array
    {
        return [...array_merge(...array_values($this->countsOf($this->after($taken, $this->short)))), ...$taken];
    }

    /**
     * @param list<int>          $taken
     * @param array<string, int> $short
     *
     * @return array<string, int> what is short after these boxes
     */
    private function after(array $taken, array $short): array
    {
        foreach ($this->boxes as $at => $box) {
            foreach ($box->holds as $part) {
                if (isset($short[$part->stock->id])) {
                    $short[$part->stock->id] -= $part->pieces * $taken[$at];
                }
            }
        }

        return $short;
    }

    /**
     * @param array<string, int> $short
     *
     * @return array<string, list<int>> how many of each pack, by stock in the order of the workbook
     */
    private function countsOf(array $short): array
    {
        $counts = [];
        foreach ($this->packs as $stock => $packs) {
            $counts[$stock] = $packs->counts($short[$stock] ?? 0);
        }

        return $counts;
    }

    /** @param array<string, int> $short */
    private function packed(array $short): Outlay
    {
        $all = new Outlay();
        foreach ($short as $stock => $pieces) {
            $all = $pieces > 0 ? $all->plus($this->packs[$stock]->outlay($pieces)) : $all;
        }

        return $all;
    }

    /**
     * How many of a box can be of use.
     *
     * @param array<string, int> $short
     */
    private static function most(Box $box, array $short): int
    {
        return max(0, ...array_map(static fn(BoxPart $part): int => intdiv(($short[$part->stock->id] ?? 0) + $part->pieces - 1, $part->pieces), $box->holds));
    }
}
