<?php

declare(strict_types=1);

namespace Gondrik\Bench;

use Gondrik\Core\Size\Size;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A made-up workshop of any size that looks like a real one: wires and terminals that go together, tools that reach some of
 * them, a few holes. (GeneratedWorkbook of the tests looks for odd corners instead; most of its lines are faulty.)
 */
final class BenchWorkbook
{
    private const METRIC = ['0.5', '0.75', '1', '1.5', '2.5', '4', '6', '10', '16', '25', '35', '50', '70', '95'];

    private const GAUGES = ['24', '22', '20', '18', '16', '14', '12', '10', '8', '6', '4', '2', '1/0', '2/0'];

    private Randomizer $random;

    private function __construct()
    {
        $this->random = new Randomizer(new Mt19937(20));
    }

    public static function of(int $lines, int $tools): \stdClass
    {
        return (new self())->document($lines, $tools);
    }

    private function document(int $lines, int $tools): \stdClass
    {
        $wires = [];
        $terminals = [];
        $pairs = [];
        foreach ([...array_map(static fn(string $size): string => $size . ' mm2', self::METRIC), ...array_map(static fn(string $size): string => $size . ' AWG', self::GAUGES)] as $index => $size) {
            foreach (['pvc', 'xlpe', 'etfe'] as $insulation) {
                $wire = 'w' . $index . $insulation;
                $wires[] = (object) ['id' => $wire, 'name' => $size . ' ' . $insulation, 'size' => $size, 'construction' => 'stranded', 'insulation' => $insulation, 'insulationOd' => round(1.5 * Size::parse($size)->solidDiameter() + 0.6, 2)];
                foreach ($this->classesFor($index % 14) as $class) {
                    $id = 't' . $index . $class;
                    $terminals[$id] = (object) ['id' => $id, 'name' => $class . ' ' . $size, 'class' => $class, 'size' => $size, 'strip' => (object) ['nominal' => 6 + $index % 14]];
                    $pairs[] = [$wire, $id];
                }
            }
        }
        $scope = [];
        foreach (range(1, $lines) as $n) {
            [$wire, $terminal] = $pairs[$this->random->getInt(0, count($pairs) - 1)];
            $scope[] = (object) ['id' => 'l' . $n, 'wire' => $wire, 'terminal' => $terminal, 'quantity' => $this->random->getInt(1, 60), ...$n % 3 === 0 ? ['torque' => 0.5 * (1 + $n % 40)] : []];
        }
        $tools = array_map($this->tool(...), range(1, $tools));

        return (object) [
            'gondrik' => 1,
            'houseRules' => (object) ['trainedHands' => true],
            'wires' => $wires,
            'terminals' => array_values($terminals),
            'tools' => $tools,
            'kits' => [(object) ['id' => 'kit', 'name' => 'Kit', 'tools' => array_map(static fn(\stdClass $tool): \stdClass => (object) ['tool' => $tool->id], $tools)]],
            'scopes' => [(object) ['id' => 'scope', 'name' => 'Scope', 'lines' => $scope]],
        ];
    }

    /** @return list<string> */
    private function classesFor(int $index): array
    {
        return $index < 6 ? ['insulated', 'ferrule', 'open-barrel'] : ($index < 9 ? ['insulated', 'ferrule', 'lug'] : ['lug']);
    }

    private function tool(int $n): \stdClass
    {
        $at = $this->random->getInt(0, 9);
        $range = static fn(int $from, int $to): string => self::GAUGES[$from] . '-' . self::GAUGES[min(13, $to)] . ' AWG / ' . self::METRIC[$from] . '-' . self::METRIC[min(13, $to)] . ' mm2';
        $nests = array_map(static fn(int $m): \stdClass => (object) ['label' => 'n' . $m, 'size' => self::GAUGES[$m] . ' AWG / ' . self::METRIC[$m] . ' mm2'], range($at, min(13, $at + 4)));
        $capability = match ($n % 10) {
            0, 1 => ['op' => 'cut', 'single' => $range($at, $at + 8), 'maxOd' => 25],
            2, 3 => ['op' => 'strip', 'method' => 'self-adjusting', 'size' => $range($at, $at + 6), 'insulation' => $n % 4 === 0 ? ['etfe', 'xlpe'] : ['pvc', 'xlpe'], 'maxOd' => 12, 'stop' => (object) ['min' => 5, 'max' => 20]],
            4 => ['op' => 'strip', 'method' => 'knife', 'size' => $range(7, 13), 'insulation' => ['pvc', 'xlpe', 'etfe'], 'maxOd' => 25],
            5 => ['op' => 'crimp', 'profile' => 'oval', 'control' => 'full-cycle', 'nests' => $nests],
            6 => ['op' => 'crimp', 'profile' => 'square', 'control' => 'full-cycle', 'nests' => $nests],
            7 => ['op' => 'crimp', 'profile' => 'roll', 'control' => 'full-cycle', 'nests' => $nests],
            8 => ['op' => 'crimp', 'profile' => 'hexagon', 'control' => 'hydraulic', 'nests' => $nests],
            default => ['op' => 'torque', 'range' => (object) ['min' => 0.5, 'max' => 4 + $at]],
        };

        return (object) ['id' => 'tool' . $n, 'name' => 'Tool ' . $n, 'kind' => 'other', 'capabilities' => [(object) $capability]];
    }
}
