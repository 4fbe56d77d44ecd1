<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

/** What to buy, asked of CBC: least money, then with that held least pieces, then with both held fewest packages. */
final class CbcBuying
{
    public function __construct(private readonly Cbc $cbc = new Cbc()) {}

    /** @return array{int, int, int} money, pieces, packages */
    public function outlay(SupplyShop $shop): array
    {
        $levels = [[], [], []];
        $brings = [];
        foreach ($shop->stocks as $stock) {
            foreach ($stock->packs as $at => $pack) {
                $name = 'p_' . $stock->id . '_' . $at;
                foreach ([$pack->price, $pack->pieces, 1] as $level => $of) {
                    $levels[$level][$name] = $of;
                }
                $brings[$stock->id][$name] = $pack->pieces;
            }
        }
        foreach ($shop->boxes as $box) {
            $name = 'b_' . $box->id;
            foreach ([$box->price, array_sum(array_column($box->holds, 'pieces')), 1] as $level => $of) {
                $levels[$level][$name] = $of;
            }
            foreach ($box->holds as $part) {
                $brings[$part->stock->id][$name] = $part->pieces;
            }
        }
        $rows = [];
        foreach ($shop->short as $stock => $pieces) {
            $rows[] = Cbc::sum($brings[$stock]) . ' >= ' . $pieces;
        }
        $found = [];
        foreach ($levels as $terms) {
            $least = $this->cbc->minimum('Minimize obj: ' . Cbc::sum($terms) . "\nSubject To\n" . implode("\n", $rows) . "\nGenerals\n" . implode("\n", array_keys($terms)) . "\nEnd\n");
            assert($least !== null);
            $found[] = $least;
            $rows[] = Cbc::sum($terms) . ' <= ' . $least;
        }

        return [$found[0], $found[1], $found[2]];
    }
}
