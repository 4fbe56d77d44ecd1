<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up shops with things and a log that can be true, by playing it: who takes what, what is done, what is told. */
final class GeneratedThings
{
    private Randomizer $random;

    /** @var list<\stdClass> */
    private array $log = [];

    /** @var array<string, bool> by thing: whether it is out */
    private array $out = [];

    /** @var array<string, int> by thing: the last reading */
    private array $cycles = [];

    private function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** The first and the last day on which something may happen. */
    public const DAYS = ['2027-01-01', '2027-06-30'];

    /** @return \stdClass a workbook as plain data: a kit "kit" that shares "other", both tracked */
    public static function of(int $seed, int $assets = 24, int $happenings = 60, int $lines = 12): \stdClass
    {
        return (new self($seed))->document(GeneratedWorkbook::of($seed, $lines, 10), $assets, $happenings);
    }

    private function document(\stdClass $workbook, int $assets, int $happenings): \stdClass
    {
        $tools = array_map(static fn(\stdClass $tool): string => $tool->id, $workbook->tools);
        foreach ($workbook->tools as $tool) {
            $tool->dues = $this->dues();
        }
        $workbook->kits[0]->tracked = true;
        $workbook->kits[0]->tools = array_slice($workbook->kits[0]->tools, 0, 6);
        $workbook->kits[0]->shares = ['other'];
        $workbook->kits[] = (object) ['id' => 'other', 'name' => 'Other', 'tracked' => true, 'tools' => [(object) ['tool' => $tools[0]], (object) ['tool' => $tools[9]]]];
        $workbook->people = [(object) ['id' => 'ada', 'name' => 'Ada'], (object) ['id' => 'bo', 'name' => 'Bo']];
        $workbook->assets = [];
        for ($n = 1; $n <= $assets; $n++) {
            $asset = ['id' => 'a' . $n, 'tool' => $tools[$n % 10], 'cycles' => 10 * $n];
            $home = $this->one(['kit', 'kit', 'kit', 'other', null]);
            $bought = $this->one(['2026-12-01', '2027-02-10', null, '2026-06-01']);
            $workbook->assets[] = (object) [...$asset, ...$home === null ? [] : ['home' => $home], ...$bought === null ? [] : ['bought' => $bought], ...$this->one([true, false, false]) ? ['dues' => $this->dues()] : []];
        }
        $days = array_map(fn(): int => $this->random->getInt(0, 180), range(1, $happenings));
        sort($days);
        foreach ($days as $day) {
            $this->happen($this->one($workbook->assets), gmdate('Y-m-d', (int) strtotime(self::DAYS[0] . 'T00:00:00Z') + 86_400 * $day), $workbook);
        }
        $workbook->log = $this->log;
        self::stock($workbook);
        $tool = array_values(array_filter($workbook->tools, static fn(\stdClass $one): bool => ($one->capabilities ?? []) !== []))[0];
        foreach ([['pieces' => 10, 'seconds' => 61.5, 'person' => 'ada'], ['pieces' => 1, 'seconds' => 4, 'note' => 'by the way']] as $at => $timed) {
            $workbook->log[] = (object) ['id' => 't-' . $at, 'on' => '2027-03-02', 'what' => 'timed', 'tool' => $tool->id, 'op' => $tool->capabilities[0]->op, ...$timed];
        }
        $workbook->scopes[0]->pieces = (object) ['name' => 'fixture', 'count' => 3];

        return $workbook;
    }

    /** A shelf with something of each kind on it. */
    private static function stock(\stdClass $workbook): void
    {
        $terminal = $workbook->terminals[0]->id;
        $workbook->stock = [
            (object) ['id' => 'shelf-1', 'item' => (object) ['terminal' => $terminal], 'packs' => [(object) ['name' => 'Bag', 'pieces' => 50, 'price' => 400], (object) ['name' => 'Reel', 'pieces' => 500, 'price' => 3000]], 'perWeek' => 12.5, 'leadDays' => 7],
            (object) ['id' => 'shelf-2', 'item' => (object) ['sleeve' => '6 mm', 'lined' => true], 'note' => 'cut to length'],
            (object) ['id' => 'shelf-3', 'item' => (object) ['name' => 'Tape']],
        ];
        $workbook->stations = [(object) ['id' => 'bench', 'name' => 'Bench', 'kit' => 'kit', 'capacity' => 2], (object) ['id' => 'press', 'name' => 'Press']];
        $workbook->exercises = [
            (object) ['id' => 'crimp', 'name' => 'Crimp', 'minutes' => 25, 'stations' => ['press'], 'people' => ['ada'], 'after' => ['strip'], 'skill' => 'crimp:bare'],
            (object) ['id' => 'strip', 'name' => 'Strip', 'minutes' => 10, 'stations' => ['bench', 'press']],
        ];
        $workbook->sessions = [(object) ['id' => 'monday', 'name' => 'Monday', 'people' => ['ada', 'bo'], 'stations' => ['press', 'bench'], 'exercises' => ['crimp', 'strip'], 'on' => '2027-01-11', 'start' => '08:30', 'until' => '15:00', 'slot' => 10, 'breaks' => [(object) ['from' => '10:00', 'minutes' => 15]], 'apart' => [['ada', 'bo']], 'away' => [(object) ['person' => 'bo', 'from' => '09:00', 'until' => '10:30']], 'timetable' => [(object) ['person' => 'ada', 'exercise' => 'crimp', 'station' => 'press', 'from' => 30]], 'note' => 'bring glasses']];
        $workbook->boxes = [(object) ['id' => 'box-1', 'name' => 'Box', 'price' => 900, 'holds' => [(object) ['stock' => 'shelf-1', 'pieces' => 100], (object) ['stock' => 'shelf-3', 'pieces' => 2]]]];
        foreach (['counted' => 40, 'used' => 15, 'received' => 50] as $what => $pieces) {
            $workbook->log[] = (object) ['id' => 's-' . $what, 'on' => '2027-03-01', 'what' => $what, 'stock' => 'shelf-1', 'pieces' => $pieces];
        }
    }

    private function happen(\stdClass $asset, string $on, \stdClass $workbook): void
    {
        if (isset($asset->bought) && $asset->bought > $on) {
            return;
        }
        $id = $asset->id;
        $isOut = $this->out[$id] ?? false;
        $dues = $asset->dues ?? array_column($workbook->tools, null, 'id')[$asset->tool]->dues;
        $reading = $this->cycles[$id] = ($this->cycles[$id] ?? $asset->cycles) + $this->random->getInt(0, 60);
        $entry = match ($this->random->getInt(0, 7)) {
            0, 1 => $isOut ? ['what' => 'back', ...$this->one([[], ['condition' => 'good'], ['condition' => 'seldom']])] : ['what' => 'out', 'to' => $this->one([(object) ['kit' => 'other'], (object) ['kit' => 'kit'], (object) ['person' => 'ada'], (object) ['text' => 'the crew']])],
            2 => ['what' => 'moved', ...$this->one([['to' => 'kit'], ['to' => 'other'], []])],
            3 => ['what' => 'condition', 'condition' => $this->one(['good', 'good', 'watch', 'seldom', 'retired'])],
            4 => ['what' => 'cycles', 'cycles' => $reading],
            5 => $dues === [] ? ['what' => 'cleared', 'note' => 'looked at'] : ['what' => 'done', 'due' => $this->one($dues)->kind, 'result' => $this->one(['pass', 'pass', 'pass', 'fail']), ...$this->one([[], ['cycles' => $reading]])],
            6 => ['what' => 'pull', 'wire' => $workbook->wires[0]->id, 'forces' => [$this->random->getInt(50, 150), 100], 'required' => 60],
            default => ['what' => 'cleared', 'note' => 'looked at'],
        };
        if ($entry['what'] === 'out' || $entry['what'] === 'back') {
            $this->out[$id] = $entry['what'] === 'out';
        }
        $this->log[] = (object) ['id' => 'e' . count($this->log), 'on' => $on, 'asset' => $id, ...$entry];
    }

    /** @return list<\stdClass> */
    private function dues(): array
    {
        return array_map(static fn(array $due): \stdClass => (object) $due, $this->one([
            [],
            [],
            [['kind' => 'calibration', 'days' => 90]],
            [['kind' => 'verification', 'cycles' => 80], ['kind' => 'oil', 'days' => 20]],
            [['kind' => 'calibration', 'days' => 200, 'cycles' => 150]],
        ]));
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
