<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Stock\Box;

/**
 * What a piece of each stock is worth, so that no pack and no box holds more worth than it costs: whatever is bought then costs no less
 * than all pieces that it must bring are worth (a solution of the dual of the covering problem). Cents.
 */
final readonly class PieceWorth
{
    /** @param array<string, float> $each by stock; INF of what nothing brings any more */
    private function __construct(private array $each) {}

    /**
     * @param array<string, float> $inPacks what a piece costs in packs, by stock, of what is short; INF where there are none
     * @param list<Box>            $boxes   that may be bought
     */
    public static function of(array $inPacks, array $boxes): self
    {
        $each = $inPacks;
        foreach ($boxes as $box) {
            foreach ($box->holds as $part) {
                if (isset($each[$part->stock->id])) {
                    $each[$part->stock->id] = min($each[$part->stock->id], $box->price / $part->pieces);
                }
            }
        }
        foreach ($boxes as $box) {
            $all = self::inside($box, $each);
            foreach ($box->holds as $part) {
                if ($all > $box->price && isset($each[$part->stock->id])) {
                    $each[$part->stock->id] *= $box->price / $all;
                }
            }
        }
        // Where a box came after another there may be room again.
        foreach ($inPacks as $stock => $most) {
            $room = $most - $each[$stock];
            foreach ($boxes as $box) {
                foreach ($box->holds as $part) {
                    $room = $part->stock->id === (string) $stock ? min($room, ($box->price - self::inside($box, $each)) / $part->pieces) : $room;
                }
            }
            // INF less INF is no number: there nothing is to be raised.
            $each[$stock] += $room > 0.0 ? $room : 0.0;
        }

        return new self($each);
    }

    /** @param array<string, int> $short pieces by stock */
    public function ofAll(array $short): float
    {
        $cents = 0.0;
        foreach ($short as $stock => $pieces) {
            if ($pieces > 0) {
                $cents += $pieces * $this->each[$stock];
            }
        }

        return $cents;
    }

    /** @param array<string, float> $each */
    private static function inside(Box $box, array $each): float
    {
        $all = 0.0;
        foreach ($box->holds as $part) {
            $all += $part->pieces * ($each[$part->stock->id] ?? 0.0);
        }

        return $all;
    }
}
