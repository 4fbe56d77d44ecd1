<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Tool\Profile;
use Gondrik\Core\Wire\ConductorDiameter;
use Gondrik\Core\Wire\Construction;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up workbooks of any size that are valid and reach every operation: for properties and for the benchmark. */
final class GeneratedWorkbook
{
    private const SIZES = ['26 AWG', '24 AWG', '22 AWG', '20 AWG', '18 AWG', '16 AWG', '14 AWG', '12 AWG', '10 AWG', '8 AWG', '6 AWG', '4 AWG', '2 AWG', '1/0 AWG', '4/0 AWG', '0.14 mm2', '0.25 mm2', '0.5 mm2', '0.75 mm2', '1 mm2', '1.5 mm2', '2,5 mm²', '4 mm2', '6 mm2', '10 mm2', '16 mm2', '25 mm2', '35 mm2', '70 mm2', '120 mm2'];

    private const CLASSES = ['insulated', 'heat-shrink', 'bare', 'open-barrel', 'sealed-open-barrel', 'solid-contact', 'ferrule', 'twin-ferrule', 'lug', 'tap', 'ribbon', 'coax', 'ignition', 'solder-cup', 'solder-splice', 'screw-clamp', 'push-in', 'twist-on'];

    private const MATERIALS = ['pvc', 'pe', 'xlpe', 'lszh', 'rubber', 'silicone', 'etfe', 'ptfe', 'fep', 'pur', 'tpe', 'polyimide'];

    private Randomizer $random;

    private function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return \stdClass the document as plain data */
    public static function of(int $seed, int $lines = 25, int $tools = 20): \stdClass
    {
        return (new self($seed))->document($lines, $tools);
    }

    private function document(int $lines, int $tools): \stdClass
    {
        $wires = array_map($this->wire(...), range(1, max(3, min(60, intdiv($lines, 2)))));
        $terminals = array_map($this->terminal(...), range(1, max(3, min(90, $lines))));
        $tools = array_map($this->tool(...), range(1, $tools));
        $scope = ['id' => 'scope', 'name' => 'Scope', 'lines' => array_map(fn(int $n): \stdClass => $this->line($n, $wires, $terminals), range(1, $lines))];

        return (object) [
            'gondrik' => 1,
            'title' => 'Generated',
            'houseRules' => $this->houseRules(),
            'wires' => $wires,
            'terminals' => $terminals,
            'tools' => $tools,
            'kits' => [(object) [...$this->chance(30) ? ['travels' => false] : [], ...$this->chance(30) ? ['hand' => (object) ['gripForce' => 150, 'handSpan' => 80]] : [], 'id' => 'kit', 'name' => 'Kit', 'tools' => array_map(static fn(\stdClass $tool): \stdClass => (object) ['tool' => $tool->id], $tools)]],
            'scopes' => [(object) ($this->chance(30) ? [...$scope, 'houseRules' => $this->houseRules()] : $scope)],
        ];
    }

    private function wire(int $n): \stdClass
    {
        $size = $this->one(self::SIZES);
        $construction = $this->one(['solid', 'stranded', 'fine']);
        $conductor = ConductorDiameter::of(Size::parse($size), Construction::from($construction));
        $od = round($conductor * (1.25 + $this->random->getInt(0, 60) / 100) + 0.4, 2);
        $wire = ['id' => 'w' . $n, 'name' => 'Wire ' . $n, 'size' => $size, 'construction' => $construction, 'insulation' => $this->one(self::MATERIALS)];
        if ($this->chance(85)) {
            $wire['insulationOd'] = $od;
        }
        if ($construction === 'stranded' && $this->chance(30)) {
            $wire['strands'] = $this->one([7, 19, 37]);
            $wire += $this->one([['strandDiameter' => round($conductor / [7 => 3, 19 => 5, 37 => 7][$wire['strands']], 3)], ['code' => 'M22759/16-20-9']]);
        }
        if ($this->chance(8)) {
            $wire['listed'] = $this->chance(50);
        }
        if ($this->chance(20)) {
            $wire['conductor'] = $this->one(['tinned-copper', 'nickel-copper', 'clad-aluminium', 'aluminium']);
        }
        if ($this->chance(25)) {
            $wire['cores'] = $this->random->getInt(1, 5);
            $wire['sheath'] = (object) [
                'material' => $this->one(self::MATERIALS),
                ...$this->chance(50) ? ['shape' => 'round', 'od' => round($od * 2.6, 1)] : ['shape' => 'flat', 'width' => round($od * 3.2, 1), 'height' => round($od * 1.5, 1)],
                ...$this->chance(60) ? ['strip' => $this->random->getInt(20, 200)] : [],
                ...$this->chance(30) ? ['bareEarth' => true] : [],
            ];
        }

        return (object) $wire;
    }

    private function terminal(int $n): \stdClass
    {
        $class = $this->one(self::CLASSES);
        $terminal = ['id' => 't' . $n, 'name' => 'Terminal ' . $n, 'class' => $class, 'size' => $this->range()];
        if ($this->chance(40)) {
            $terminal['nest'] = $this->one(['red', 'blue', 'yellow', 'series A', 'series B']);
        }
        if ($this->chance(60)) {
            $terminal['strip'] = (object) ['nominal' => $this->random->getInt(4, 20)];
        }
        if ($this->chance(15)) {
            $terminal['insulationOd'] = (object) ['min' => 0.9, 'max' => $this->random->getInt(2, 6)];
        }
        if ($class === 'sealed-open-barrel' && $this->chance(70)) {
            $terminal['seal'] = (object) ['min' => 0.8, 'max' => $this->random->getInt(2, 40)];
        }
        if ($this->chance(80)) {
            $terminal['takes'] = ['solid', 'stranded', 'fine'];
        }
        foreach (['sealed' => 15, 'sleeveToRear' => 30] as $key => $percent) {
            if ($this->chance($percent)) {
                $terminal[$key] = true;
            }
        }
        if ($this->chance(15)) {
            $terminal['sleeve'] = $this->one(['plain', 'lined', 'tape']);
        }
        if ($this->chance(5)) {
            $terminal['grade'] = 'makeshift';
        }
        if ($this->chance(20)) {
            $terminal['stud'] = $this->one(['M4', 'M6', '1/4']);
        }
        if ($this->chance(20)) {
            $terminal['barrel'] = (object) ['length' => $this->random->getInt(4, 20), 'od' => $this->random->getInt(2, 18)];
            $terminal['cover'] = (object) ['length' => $this->random->getInt(8, 28), 'od' => $this->random->getInt(3, 20)];
        }
        if ($this->chance(25) && $class !== 'twin-ferrule') {
            $terminal['wiresPerBarrel'] = 4;
        }
        if ($this->chance(30)) {
            $terminal['ends'] = 2;
        }
        if ($this->chance(20)) {
            $terminal['extractCode'] = $this->one(['A', 'B', 'C']);
        }

        return (object) $terminal;
    }

    private function tool(int $n): \stdClass
    {
        $tool = ['id' => 'tool' . $n, 'name' => 'Tool ' . $n, 'kind' => 'other', 'capabilities' => array_map(fn(): \stdClass => $this->capability(), range(1, $this->random->getInt(1, 2)))];
        if ($n > 1 && $this->chance(10)) {
            $tool['requires'] = ['tool' . $this->random->getInt(1, $n - 1)];
        }
        if ($this->chance(20)) {
            $tool['energy'] = $this->one(['battery', 'mains', 'gas']);
        }
        foreach (['compact' => 40, 'oneHanded' => 40, 'inPlaceOnly' => 8] as $key => $percent) {
            if ($this->chance($percent)) {
                $tool[$key] = true;
            }
        }
        if ($this->chance(30)) {
            $tool['gripForce'] = $this->random->getInt(40, 300);
            $tool['handSpan'] = $this->random->getInt(40, 120);
        }

        return (object) $tool;
    }

    private function capability(): \stdClass
    {
        $op = $this->one(['cut', 'strip', 'strip', 'strip-sheath', 'crimp', 'crimp', 'crimp', 'sleeve', 'solder', 'torque', 'pull-test', 'extract', 'shear-screw']);
        $members = match ($op) {
            'cut' => ['single' => $this->range(), ...$this->chance(50) ? ['multi' => $this->range()] : [], ...$this->chance(30) ? ['maxOd' => $this->random->getInt(2, 30)] : [], 'bites' => $this->random->getInt(1, 2)],
            'strip' => $this->strip(),
            'strip-sheath' => ['shapes' => $this->some(['round', 'flat']), 'materials' => $this->some(self::MATERIALS), 'size' => $this->range(), ...$this->chance(40) ? ['section' => $this->random->getInt(5, 120)] : []],
            'crimp' => ['profile' => $this->one(array_column(Profile::cases(), 'value')), 'control' => $this->one(['full-cycle', 'free', 'hydraulic', 'screw', 'impact']), 'nests' => array_map($this->nest(...), range(1, $this->random->getInt(1, 4)))],
            'sleeve' => ['heat' => $this->one(['gun', 'torch', 'lighter'])],
            'solder' => $this->chance(50) ? ['temperature' => (object) ['min' => 200, 'max' => 380]] : [],
            'torque' => ['range' => (object) ['min' => 0.5, 'max' => $this->random->getInt(1, 30)], 'powered' => $this->chance(30)],
            'pull-test' => ['capacity' => $this->random->getInt(20, 2000)],
            'extract' => ['codes' => $this->some(['A', 'B', 'C'])],
            'shear-screw' => ['threads' => ['6-32', '8-32']],
        };
        if ($this->chance(10)) {
            $members['skill'] = 'trained';
        }
        if ($this->chance(15)) {
            $members['proven'] = $this->range();
        }

        return (object) ['op' => $op, ...$members];
    }

    /** @return array<string, mixed> */
    private function strip(): array
    {
        $method = $this->one(['notch', 'die', 'self-adjusting', 'knife', 'score', 'set-depth']);
        $shared = ['method' => $method, 'insulation' => $this->some(self::MATERIALS)];

        return match ($method) {
            'notch', 'die' => [...$shared, 'positions' => array_map(fn(int $n): \stdClass => (object) ['label' => 'p' . $n, 'stranded' => $this->one(self::SIZES), 'solid' => $this->one(self::SIZES)], range(1, 5))],
            default => [...$shared, 'size' => $this->range(), ...$this->chance(50) ? ['stop' => (object) ['min' => 5, 'max' => 18]] : [], ...$this->chance(30) ? ['midSpan' => true] : []],
        };
    }

    private function nest(int $n): \stdClass
    {
        return (object) [
            'label' => 'n' . $n,
            ...$this->chance(50) ? ['code' => $this->one(['red', 'blue', 'yellow', 'series A', 'series B'])] : [],
            'size' => $this->range(),
            ...$this->chance(20) ? ['insulationOd' => (object) ['min' => 1, 'max' => $this->random->getInt(2, 9)]] : [],
            ...$this->chance(20) ? ['seal' => (object) ['min' => 1, 'max' => $this->random->getInt(2, 9)]] : [],
            ...$this->chance(40) ? ['gripsInsulation' => true] : [],
        ];
    }

    /**
     * @param list<\stdClass> $wires
     * @param list<\stdClass> $terminals
     */
    private function line(int $n, array $wires, array $terminals): \stdClass
    {
        $id = ['id' => 'l' . $n];
        if ($this->chance(4)) {
            $thread = $this->chance(50) ? ['shear' => $this->one(['6-32', '8-32', '10-24'])] : [];

            return (object) [...$id, ...$thread, ...$thread === [] || $this->chance(50) ? ['torque' => $this->random->getInt(1, 40)] : []];
        }
        $terminal = $this->one($terminals);
        $wire = $this->one($wires);
        // Half of the lines are made to fit, so that they are not all faulty.
        if ($this->chance(50)) {
            $terminal->size = $wire->size;
        }
        $line = [...$id, 'wire' => $wire->id, 'terminal' => $terminal->id, 'quantity' => $this->random->getInt(1, 50)];
        foreach (['noMains' => 20, 'wet' => 10, 'midSpan' => 8, 'housing' => 20, 'movable' => 15] as $key => $percent) {
            if ($this->chance($percent)) {
                $line[$key] = true;
            }
        }
        $more = [
            ...$this->chance(30) ? ['access' => $this->one(['tight', 'one-handed'])] : [],
            ...$this->chance(20) ? ['sleeve' => $this->one(['none', 'plain', 'lined', 'tape'])] : [],
            ...$this->chance(10) ? ['prep' => $this->one(['re-laid', 'twist', 'tin'])] : [],
            ...$this->chance(10) ? ['place' => 'vibration'] : [],
            ...$this->chance(20) ? ['ambient' => $this->random->getInt(-5, 12)] : [],
            ...$this->chance(30) ? ['torque' => self::torque($this->random->getInt(1, 40))] : [],
            ...$this->chance(20) ? ['clamp' => $this->one(['rectangular', 'round', 'spring'])] : [],
            ...$this->chance(10) ? ['temperature' => $this->random->getInt(250, 450)] : [],
            ...($terminal->ends ?? 1) === 2 && $this->chance(50) ? ['wireB' => $this->one($wires)->id] : [],
            ...in_array($terminal->class, ['twin-ferrule', 'twist-on'], true) ? ['wiresInBarrel' => 2] : [],
            ...isset($terminal->wiresPerBarrel) ? ['wiresInBarrel' => $this->random->getInt(1, 4)] : [],
            ...$this->chance(10) ? ['add' => [(object) ['op' => 'pull-test', 'remark' => 'first of the batch']]] : [],
        ];

        return (object) [...$line, ...$more];
    }

    private function houseRules(): \stdClass
    {
        return (object) [
            ...$this->chance(60) ? ['preset' => $this->one(['building', 'vehicle', 'marine', 'panel', 'aircraft', 'bench'])] : [],
            ...$this->chance(40) ? ['tinning' => 'accept', 'taps' => 'accept', 'solderSplices' => 'accept'] : [],
            ...$this->chance(50) ? ['pullTest' => $this->one(['no', 'tug', 'sample', 'every'])] : [],
            ...$this->chance(10) ? ['listedWire' => true] : [],
            ...$this->chance(30) ? ['torqueEvery' => true, 'strandDamage' => $this->one(['general', 'high-reliability'])] : [],
            ...$this->chance(5) ? ['insulations' => $this->some(self::MATERIALS)] : [],
            ...$this->chance(30) ? ['hammerLugs' => 'accept', 'indentOnInsulated' => 'accept'] : [],
            ...$this->chance(20) ? ['redBand' => '22-18'] : [],
            ...$this->chance(20) ? ['samplePlan' => 'lot-size', 'practicePieces' => 30, 'signOffFor' => ['solder', 'strip:soft']] : [],
            ...$this->chance(30) ? ['backupFor' => ['crimp', 'strip']] : [],
        ];
    }

    private function range(): string
    {
        $gauges = array_values(array_filter(self::SIZES, static fn(string $size): bool => str_contains($size, 'AWG')));
        $areas = array_values(array_diff(self::SIZES, $gauges));
        $span = fn(array $sizes): string => $this->chance(80) ? implode('-', [$this->one($sizes), $this->one($sizes)]) : $this->one($sizes);

        return match ($this->random->getInt(0, 2)) {
            0 => $span($gauges),
            1 => $span($areas),
            default => $span($gauges) . ' / ' . $span($areas),
        };
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $things
     *
     * @return T
     */
    private function one(array $things): mixed
    {
        return $things[$this->random->getInt(0, count($things) - 1)];
    }

    /**
     * @param non-empty-list<string> $things
     *
     * @return non-empty-list<string> one at least, in their order
     */
    private function some(array $things): array
    {
        $some = array_values(array_filter($things, fn(): bool => $this->chance(50)));

        return $some === [] ? [$things[0]] : $some;
    }

    private function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /** Some are written in pounds. */
    private static function torque(int $number): float|string
    {
        return $number % 4 === 0 ? $number . ' lbf·in' : $number / 2;
    }
}
