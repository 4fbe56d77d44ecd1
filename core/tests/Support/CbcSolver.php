<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Covering\Group;
use Gondrik\Core\Covering\Instance;

/**
 * The same question of covering asked of CBC: level by level, each with what the levels before it came to held fast. Of the order of items it knows nothing.
 */
final class CbcSolver
{
    public function __construct(public readonly Cbc $cbc = new Cbc()) {}

    /** @return array{won: int, money: int, fine: int, count: int, mass: int}|null null when nothing does what must be done */
    public function solve(Instance $instance): ?array
    {
        $this->cbc->seconds = 0.0;
        $money = $mass = $count = [];
        foreach ($instance->items as $item => $of) {
            $money['x' . $item] = $of->money;
            $mass['x' . $item] = $of->mass;
            $count['x' . $item] = $of->isCounted ? 1 : 0;
        }
        $found = [];
        $held = [];
        foreach ([
            'won' => [self::weights($instance->groups, 'g'), -1],
            'money' => [$money, 1],
            'fine' => [self::weights($instance->fine, 'f'), -1],
            'count' => [$count, 1],
            'mass' => [$mass, 1],
        ] as $level => [$terms, $sign]) {
            $terms = array_filter($terms);
            if ($terms === [] && $level !== 'money') {
                $found[$level] = 0;
                continue;
            }
            $value = $this->minimum(array_map(static fn(int $of): int => $sign * $of, $terms), $instance, $held);
            if ($value === null) {
                return null;
            }
            $found[$level] = $sign * $value;
            if ($terms !== []) {
                $held[] = Cbc::sum($terms) . ($sign === 1 ? ' <= ' : ' >= ') . $found[$level];
            }
        }

        return $found;
    }

    /**
     * @param array<string, int> $terms
     * @param list<string>       $held
     */
    private function minimum(array $terms, Instance $instance, array $held): ?int
    {
        $rows = $held;
        foreach ($instance->must as $row) {
            $rows[] = self::any($instance->rows[$row]) . ' >= 1';
        }
        foreach (['g' => $instance->groups, 'f' => $instance->fine] as $name => $groups) {
            foreach ($groups as $number => $group) {
                foreach ($group->rows as $row) {
                    $rows[] = $name . $number . implode('', array_map(static fn(int $item): string => ' - x' . $item, $instance->rows[$row])) . ' <= 0';
                }
            }
        }
        foreach ($instance->items as $item => $of) {
            foreach ($of->needs as $either) {
                $rows[] = 'x' . $item . implode('', array_map(static fn(int $other): string => ' - x' . $other, $either)) . ' <= 0';
            }
        }
        foreach (['money' => $instance->budget, 'mass' => $instance->massLimit] as $of => $limit) {
            $amounts = [];
            foreach ($limit === null ? [] : $instance->items as $item => $one) {
                $amounts['x' . $item] = $one->{$of};
            }
            if (array_filter($amounts) !== []) {
                $rows[] = Cbc::sum(array_filter($amounts)) . ' <= ' . $limit;
            }
        }
        $names = [...array_map(static fn(int $item): string => 'x' . $item, array_keys($instance->items)), ...array_keys(self::weights($instance->groups, 'g')), ...array_keys(self::weights($instance->fine, 'f'))];

        return $this->cbc->minimum('Minimize obj: ' . ($terms === [] ? '0 ' . $names[0] : Cbc::sum($terms)) . "\nSubject To\n" . implode("\n", $rows) . ($rows === [] ? $names[0] . ' >= 0' : '') . "\nBinary\n" . implode("\n", $names) . "\nEnd\n");
    }

    /**
     * @param list<Group> $groups
     *
     * @return array<string, int>
     */
    private static function weights(array $groups, string $name): array
    {
        $weights = [];
        foreach ($groups as $number => $group) {
            $weights[$name . $number] = $group->weight;
        }

        return $weights;
    }

    /** @param list<int> $items */
    private static function any(array $items): string
    {
        return $items === [] ? '0 x0' : Cbc::sum(array_fill_keys(array_map(static fn(int $item): string => 'x' . $item, $items), 1));
    }
}
