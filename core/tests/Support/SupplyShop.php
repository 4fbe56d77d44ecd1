<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Stock\Box;
use Gondrik\Core\Stock\BoxPart;
use Gondrik\Core\Stock\Pack;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Stock\StockItem;
use Gondrik\Core\Supplies\Buying;
use Gondrik\Core\Supplies\Purchase;

/** Stocks and boxes of the words of a table: "a: 50=500 100=900; b: 10=100", "kit=1200: a 100 b 50", "a 135 b 5". */
final readonly class SupplyShop
{
    /**
     * @param list<Stock>        $stocks
     * @param list<Box>          $boxes
     * @param array<string, int> $short
     */
    public function __construct(public array $stocks, public array $boxes, public array $short) {}

    public static function of(string $packs, string $boxes, string $short): self
    {
        $stocks = [];
        foreach (self::parts($packs) as $id => $text) {
            $each = [];
            foreach (self::words($text) as $word) {
                [$pieces, $price] = explode('=', $word);
                $each[] = new Pack($pieces, (int) $pieces, (int) $price);
            }
            $stocks[$id] = new Stock($id, new StockItem(name: $id), $each);
        }
        $all = [];
        foreach (self::parts($boxes) as $head => $text) {
            [$id, $price] = explode('=', $head);
            $holds = [];
            foreach (self::amounts($text) as $stock => $pieces) {
                $holds[] = new BoxPart($stocks[$stock], $pieces);
            }
            $all[] = new Box($id, $id, (int) $price, $holds);
        }

        return new self(array_values($stocks), $all, self::amounts($short));
    }

    public function purchase(): Purchase
    {
        return Buying::of($this->stocks, $this->boxes, $this->short);
    }

    /** "1 × kit; a: 1 × 50 + 2 × 100; b open 5" */
    public function told(Purchase $purchase): string
    {
        $told = [];
        foreach ($purchase->boxes() as $box => $count) {
            $told[] = $count . ' × ' . $box;
        }
        foreach ($this->stocks as $stock) {
            $packs = [];
            foreach (array_filter($purchase->packs[$stock->id] ?? []) as $at => $count) {
                $packs[] = $count . ' × ' . $stock->packs[$at]->name;
            }
            if ($packs !== []) {
                $told[] = $stock->id . ': ' . implode(' + ', $packs);
            }
        }
        foreach ($purchase->open as $stock => $pieces) {
            $told[] = $stock . ' open ' . $pieces;
        }

        return implode('; ', $told);
    }

    /** @return array<string, string> what stands behind the colon, by what stands before it */
    private static function parts(string $text): array
    {
        $parts = [];
        foreach (array_filter(array_map(trim(...), explode(';', $text))) as $part) {
            [$head, $rest] = explode(':', $part, 2);
            $parts[$head] = trim($rest);
        }

        return $parts;
    }

    /** @return array<string, int> */
    private static function amounts(string $text): array
    {
        $amounts = [];
        foreach (array_chunk(self::words($text), 2) as [$id, $pieces]) {
            $amounts[$id] = (int) $pieces;
        }

        return $amounts;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return array_values(array_filter(explode(' ', $text), static fn(string $word): bool => $word !== ''));
    }
}
