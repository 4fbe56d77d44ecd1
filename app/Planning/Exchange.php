<?php

declare(strict_types=1);

namespace App\Planning;

use Gondrik\Core\Planning\Substitutes;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;

/** Lines with other terminals than they are written with, for as long as somebody looks at them so. */
final readonly class Exchange
{
    /** @param array<string, string> $terminals ids of terminals by "scope/line" */
    public function __construct(public array $terminals) {}

    /**
     * @param list<Scope> $scopes that are asked about
     *
     * @return list<Problem> of what there is not, and of what does not suit its line
     */
    public function problems(Workbook $shop, array $scopes): array
    {
        $lines = [];
        foreach ($scopes as $scope) {
            foreach ($scope->lines as $line) {
                $lines[$scope->id . '/' . $line->id] = $line;
            }
        }
        $problems = [];
        foreach ($this->terminals as $line => $terminal) {
            $of = self::byId($shop)[$terminal] ?? null;
            if (($lines[$line] ?? null)?->terminal === null || $of === null) {
                $problems[] = new Problem('swap', $line . ':' . $terminal, 'must be a line of the planned scopes that has a terminal, and a terminal of the shop');
                continue;
            }
            try {
                Substitutes::exchanged($lines[$line], $of);
            } catch (Invalid $broken) {
                $problems[] = new Problem('swap', $line . ':' . $terminal, 'must suit the line: ' . $broken->expected);
            }
        }

        return $problems;
    }

    /** The scope with the other terminals, where there are no problems. */
    public function in(Workbook $shop, Scope $scope): Scope
    {
        $of = self::byId($shop);

        return $scope->withLines(array_map(function (Line $line) use ($scope, $of): Line {
            $terminal = $this->terminals[$scope->id . '/' . $line->id] ?? null;

            return $terminal === null ? $line : Substitutes::exchanged($line, $of[$terminal]);
        }, $scope->lines));
    }

    /** @return array<string, Terminal> */
    private static function byId(Workbook $shop): array
    {
        return array_column($shop->terminals, null, 'id');
    }
}
