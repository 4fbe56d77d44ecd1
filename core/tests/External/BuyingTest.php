<?php

declare(strict_types=1);

/*
 * What to buy, computed again by CBC, a general solver of mixed integer programs (Debian package coinor-cbc): money, pieces and
 * packages, level by level, on made-up demands.
 */

use Gondrik\Core\Tests\Support\CbcBuying;
use Gondrik\Core\Tests\Support\SupplyShop;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Six stocks with up to three packs each, and up to so many boxes that hold some of them. */
function demandOf(int $seed, int $boxes): SupplyShop
{
    $random = new Randomizer(new Mt19937($seed));
    $any = static fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
    $packs = $short = $all = [];
    foreach (['a', 'b', 'c', 'd', 'e', 'f'] as $stock) {
        $rate = $random->getInt(4, 40);
        $sizes = $any([[10, 50], [25, 100], [20, 50, 100], [12, 30], [7, 60, 100]]);
        $packs[] = $stock . ': ' . implode(' ', array_map(static fn(int $pieces): string => $pieces . '=' . (int) ceil($pieces * $rate * $random->getInt(70, 130) / 100), $sizes));
        if ($random->getInt(0, 4) > 0) {
            $short[] = $stock . ' ' . $random->getInt(1, 260);
        }
    }
    for ($box = 1; $box <= $boxes; $box++) {
        $holds = [];
        foreach (['a', 'b', 'c', 'd', 'e', 'f'] as $stock) {
            if ($random->getInt(0, 1) === 1) {
                $holds[] = $stock . ' ' . $any([10, 20, 25, 40]);
            }
        }
        $all[] = 'box' . $box . '=' . $random->getInt(600, 2500) . ': ' . (implode(' ', $holds) ?: 'a 10');
    }

    return SupplyShop::of(implode('; ', $packs), implode('; ', $all), implode(' ', $short));
}

it('buys for what CBC buys for', function (int $seed): void {
    $shop = demandOf($seed, $seed % 5);
    $purchase = $shop->purchase();
    expect([$purchase->outlay->cents, $purchase->outlay->pieces, $purchase->outlay->packages])->toBe((new CbcBuying())->outlay($shop))
        ->and($purchase->isProven())->toBeTrue();
})->with(range(1, 40));

it('brings all that is short, and counts what it buys', function (int $seed): void {
    $shop = demandOf($seed, $seed % 5);
    $purchase = $shop->purchase();
    $cents = $packages = 0;
    $brought = [];
    foreach ($shop->stocks as $stock) {
        foreach ($purchase->packs[$stock->id] as $at => $count) {
            $brought[$stock->id] = ($brought[$stock->id] ?? 0) + $count * $stock->packs[$at]->pieces;
            $cents += $count * $stock->packs[$at]->price;
            $packages += $count;
        }
    }
    foreach ($shop->boxes as $box) {
        $count = $purchase->boxes()[$box->id] ?? 0;
        foreach ($box->holds as $part) {
            $brought[$part->stock->id] += $count * $part->pieces;
        }
        $cents += $count * $box->price;
        $packages += $count;
    }
    expect([$cents, array_sum($brought), $packages])->toBe([$purchase->outlay->cents, $purchase->outlay->pieces, $purchase->outlay->packages])
        ->and($purchase->left)->toBe(array_sum($brought) - array_sum($shop->short));
    foreach ($shop->short as $stock => $pieces) {
        expect($brought[$stock])->toBeGreaterThanOrEqual($pieces);
    }
})->with(range(1, 40));

it('gives a bound that holds where there are many boxes', function (int $seed): void {
    $shop = demandOf($seed, 9);
    $purchase = $shop->purchase();
    [$money] = (new CbcBuying())->outlay($shop);
    expect($purchase->bound)->toBeLessThanOrEqual($money)
        ->and($purchase->outlay->cents)->toBeGreaterThanOrEqual($money)
        // What is found is near what there is, and where it is called proven it is that.
        ->and($purchase->outlay->cents)->toBeLessThanOrEqual((int) ($purchase->isProven() ? $money : 1.15 * $money));
})->with(range(101, 106));
