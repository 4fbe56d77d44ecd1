<?php

declare(strict_types=1);

namespace Gondrik\Core\Supplies;

use Gondrik\Core\Card\SleeveOver;
use Gondrik\Core\Match\LineChecks;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Stock\StockItem;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TubeSize;
use Gondrik\Core\Value\Decimal;

/** What scopes use up: of each terminal pieces, of each tube mm, with what is spoilt. A faulty line is not made and uses nothing. */
final readonly class Demand
{
    /**
     * @param array<string, int>       $pieces  by StockItem::key()
     * @param array<string, StockItem> $items   the same items
     * @param list<TubeOver>           $tubes   what tubes go over, where that is known and a stock size serves it
     * @param list<string>             $unsized scope and line of a tube that no size serves, or whose size or length nobody knows
     */
    private function __construct(private array $pieces, public array $items, public array $tubes, public array $unsized) {}

    /**
     * @param list<Scope>                 $scopes
     * @param \Closure(Scope): HouseRules $rules
     */
    public static function of(array $scopes, \Closure $rules): self
    {
        $pieces = $items = $tubes = $unsized = [];
        $use = static function (StockItem $item, int $of) use (&$pieces, &$items): void {
            $pieces[$item->key()] = ($pieces[$item->key()] ?? 0) + $of;
            $items[$item->key()] = $item;
        };
        foreach ($scopes as $scope) {
            $inForce = $rules($scope);
            $checks = new LineChecks($inForce);
            foreach ($scope->whole()->lines as $line) {
                if ($checks->areFaulty($line)) {
                    continue;
                }
                $made = Decimal::of($inForce->scrap)->plus(1)->times($line->quantity)->dividedUp(1);
                if ($line->terminal !== null) {
                    $use(StockItem::ofTerminal($line->terminal), $made);
                }
                if (SleeveOver::line($line) === null) {
                    continue;
                }
                $name = $scope->id . '/' . $line->id;
                $tube = self::tube($name, $line);
                [$size, $length] = self::cut($line);
                if ($tube !== null && $size !== null) {
                    $tubes[] = $tube;
                }
                if ($size === null || $length === null) {
                    $unsized[] = $name;
                } else {
                    $use(StockItem::ofTube($size), $made * $length);
                }
            }
        }

        return new self($pieces, $items, $tubes, $unsized);
    }

    public function for(StockItem $item): int
    {
        return $this->pieces[$item->key()] ?? 0;
    }

    /**
     * What is used and stands in none of these stocks: terminals in the order of a list, then tubes in the order of the table.
     *
     * @param list<StockItem> $stocked
     * @param list<Terminal>  $terminals
     *
     * @return list<StockItem>
     */
    public function unstocked(array $stocked, array $terminals): array
    {
        $inOrder = [
            ...array_map(StockItem::ofTerminal(...), $terminals),
            ...array_map(StockItem::ofTube(...), [...TubeSize::all(false), ...TubeSize::all(true)]),
        ];
        $known = array_fill_keys(array_map(static fn(StockItem $item): string => $item->key(), $stocked), true);

        return array_values(array_filter($inOrder, fn(StockItem $item): bool => $this->for($item) > 0 && !isset($known[$item->key()])));
    }

    private static function tube(string $name, Line $line): ?TubeOver
    {
        $over = SleeveOver::measures($line);

        return $over === null ? null : new TubeOver($name, SleeveOver::isLined($line), $over->widest, $over->narrowest);
    }

    /** @return array{TubeSize|null, int|null} the tube that the card names, and how many mm are cut off it */
    private static function cut(Line $line): array
    {
        $choice = SleeveOver::line($line);
        $name = $choice?->name->value;
        $length = $choice?->cutLength?->value;

        return [is_string($name) ? TubeSize::named($name, SleeveOver::isLined($line)) : null, is_float($length) ? (int) $length : null];
    }
}
