<?php

declare(strict_types=1);

use Gondrik\Core\Gauge\Force;
use Gondrik\Core\Gauge\GaugeFault;
use Gondrik\Core\Gauge\GaugeLine;
use Gondrik\Core\Gauge\GaugeText;
use Gondrik\Core\Gauge\GaugeUnit;
use Gondrik\Core\Gauge\GaugeWord;
use Gondrik\Core\Gauge\PullEvent;
use Gondrik\Core\Gauge\PullTest;
use Gondrik\Core\Gauge\SimulatedGauge;
use Gondrik\Core\Gauge\SimulatedLine;
use Gondrik\Core\Gauge\SimulatedSettings;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Wording\Words;

/* The line between a gauge and its reader. Whatever is on it, no reading is invented, lost in silence, or taken for another pull's. */

function eventInWords(PullEvent $event): string
{
    return $event->kind
        . ($event->fault === null ? '' : ' ' . $event->fault->value . ($event->force === null ? '' : ' highest'))
        . ($event->force === null ? '' : ' ' . round($event->force->newtons, 4))
        . ($event->said === null ? '' : ' said ' . $event->said)
        . ($event->lost === 0 ? '' : ' lost ' . $event->lost);
}

/** @return list<PullEvent> of a line of a gauge, as text with its check, or `~` for rubbish; `@3.5` is the time that passes, `...89` the same with a beat each second */
function heardOf(PullTest $test, string $script): array
{
    $now = 0.0;
    $events = [];
    foreach (explode('|', $script) as $said) {
        if (str_starts_with($said, '@')) {
            $now = (float) substr($said, 1);
            $events = [...$events, ...$test->pass($now)];
            continue;
        }
        if (str_starts_with($said, '...')) {
            for (; $now < (float) substr($said, 3); $now++) {
                $events = [...$events, ...$test->pass($now), ...$test->hear(GaugeLine::of(GaugeWord::Gauge, 'bench', '500.0', 'N'), $now)];
            }
            continue;
        }
        $members = explode(' ', $said);
        $line = $said === '~' ? null : GaugeLine::of(GaugeWord::from((string) array_shift($members)), ...$members);
        $events = [...$events, ...$test->hear($line, $now)];
    }

    return $events;
}

it('hears a pull', function (array $row): void {
    $test = new PullTest('7', (float) $row['capacity'], 0.0);
    $events = heardOf($test, $row['heard']);
    expect(implode('|', array_map(eventInWords(...), $events)))->toBe($row['comes'])
        ->and($test->isEnded())->toBe($events !== [] && end($events)->isLast());
})->with(CaseTable::of('gauge', 'what'));

it('knows units by definition', function (GaugeUnit $unit, float $newtons): void {
    // GNU units: 1 lbf is 4.4482216152605 N, 1 kgf 9.80665 N.
    expect($unit->newtons())->toEqualWithDelta($newtons, 1e-13);
})->with([[GaugeUnit::Newton, 1.0], [GaugeUnit::PoundForce, 4.4482216152605], [GaugeUnit::KilogramForce, 9.80665]]);

it('writes a line and reads it back', function (): void {
    expect(GaugeLine::of(GaugeWord::Read, '7', '12.4', 'N', '0.150')->write())->toMatch('/^READ 7 12\.4 N 0\.150\*[0-9A-F]{2}$/');
    foreach (GaugeWord::cases() as $word) {
        $line = GaugeLine::of($word, ...array_fill(0, $word->members(), 'a1'));
        expect(GaugeLine::read($line->write()))->toEqual($line);
    }
});

it('has the check of CRC-8, whose published check value of "123456789" is F4', function (): void {
    // The catalogue of parametrised CRC algorithms, CRC-8/SMBUS.
    $check = (new ReflectionClass(GaugeLine::class))->getMethod('check');
    expect($check->invoke(null, '123456789'))->toBe('F4');
});

it('reads the lines that its description shows', function (): void {
    preg_match_all('/[A-Z]+ \S.*\*[0-9A-F]{2}$/m', (string) file_get_contents(__DIR__ . '/../../docs/gauge.md'), $shown);
    expect($shown[0])->toHaveCount(7);
    foreach ($shown[0] as $line) {
        expect(GaugeLine::read($line)?->write())->toBe($line);
    }
});

it('reads no line of which one letter is another, is missing, or is one too many', function (): void {
    $line = GaugeLine::of(GaugeWord::Peak, '7', '83.2', 'N', '1.850', '37')->write();
    $wrong = 0;
    foreach (range(0, strlen($line) - 1) as $at) {
        foreach (range(0x20, 0x7E) as $letter) {
            if ($line[$at] !== chr($letter)) {
                $wrong += GaugeLine::read(substr_replace($line, chr($letter), $at, 1)) === null ? 0 : 1;
            }
        }
        $wrong += GaugeLine::read(substr_replace($line, '', $at, 1)) === null ? 0 : 1;
    }
    expect($wrong)->toBe(0);
});

it('takes no word it does not know, nor too many or too few members', function (string $text): void {
    $check = (new ReflectionClass(GaugeLine::class))->getMethod('check');
    expect(GaugeLine::read($text . '*' . $check->invoke(null, $text)))->toBeNull();
})->with(['PULL 7', 'READ 7 12.4 N', 'GAUGE 7', 'READ 7  N 0.1', 'read 7 12.4 N 0.1', '']);

it('takes for a force only a number in a unit', function (string $number, string $unit): void {
    expect(Force::read($number, $unit))->toBeNull();
})->with([['NAN', 'N'], ['INF', 'N'], ['1e3', 'N'], ['12,4', 'N'], ['', 'N'], ['+3', 'N'], ['12345678', 'N'], ['12.4', 'kN'], ['12.4', 'n']]);

it('cuts bytes into lines, however they come', function (int $size): void {
    $lines = [GaugeLine::of(GaugeWord::Ready, '7'), GaugeLine::of(GaugeWord::Gauge, 'bench', '500.0', 'N'), GaugeLine::of(GaugeWord::Read, '7', '1.0', 'N', '0.1')];
    $bytes = implode("\r\n", array_map(static fn(GaugeLine $line): string => $line->write(), $lines)) . "\r\n";
    $text = new GaugeText();
    $heard = [];
    foreach (str_split($bytes, $size) as $piece) {
        $heard = [...$heard, ...$text->hear($piece, 0.0)];
    }
    expect($heard)->toEqual($lines);
})->with([1, 2, 3, 7, 1000]);

it('keeps nothing of a line without an end, and reads the next', function (): void {
    $text = new GaugeText();
    expect($text->hear(str_repeat('x', 121), 0.0))->toBe([])
        // Not even when what comes after too much looks like one.
        ->and($text->hear(GaugeLine::of(GaugeWord::Peak, '7', '83.2', 'N', '1.0', '1')->write() . "\r\n" . GaugeLine::of(GaugeWord::Gauge, 'bench', '500.0', 'N')->write() . "\n", 0.0))->toEqual([null, GaugeLine::of(GaugeWord::Gauge, 'bench', '500.0', 'N')]);
});

it('knows a flood within a second', function (): void {
    $text = new GaugeText();
    $text->hear(str_repeat("x\n", 10_000), 5.2);
    expect($text->isFlooded())->toBeFalse();
    $text->hear('x', 5.9);
    expect($text->isFlooded())->toBeTrue();
    $text->hear('x', 6.0);
    expect($text->isFlooded())->toBeFalse();
});

it('has a sentence for each fault', function (): void {
    foreach (GaugeFault::cases() as $fault) {
        expect(Words::for('gauge', $fault->value))->not->toBe($fault->value);
    }
});

/** @return list<string> the lines of one pull */
function simulatedPull(SimulatedGauge $gauge, string $test = '1'): array
{
    return array_map(static fn(SimulatedLine $line): string => $line->text, $gauge->pull($test));
}

/** Peak of a simulated pull in N, null where none came. */
function peakOf(SimulatedGauge $gauge, string $name): ?float
{
    $test = new PullTest($name, 1e6, 0.0);
    foreach (simulatedPull($gauge, $name) as $said) {
        foreach ($test->hear(GaugeLine::read($said), 0.0) as $event) {
            if ($event->kind === 'peak') {
                return $event->force?->newtons;
            }
        }
    }

    return null;
}

it('simulates pulls about a mean, with a spread and a drift, the same for the same seed', function (): void {
    $gauge = new SimulatedGauge(new SimulatedSettings(mean: 90.0, spread: 4.0, seed: 7));
    $same = new SimulatedGauge(new SimulatedSettings(mean: 90.0, spread: 4.0, seed: 7));
    $peaks = array_map(static fn(int $pull): float => (float) peakOf($gauge, 't' . $pull), range(1, 400));
    $mean = array_sum($peaks) / 400;
    $spread = sqrt(array_sum(array_map(static fn(float $peak): float => ($peak - $mean) ** 2, $peaks)) / 399);
    // Within four standard errors of what it was told.
    expect($mean)->toEqualWithDelta(90.0, 0.8)
        ->and($spread)->toEqualWithDelta(4.0, 0.6)
        ->and(array_map(static fn(int $pull): float => (float) peakOf($same, 't' . $pull), range(1, 5)))->toBe(array_slice($peaks, 0, 5));

    $drifting = new SimulatedGauge(new SimulatedSettings(mean: 90.0, spread: 0.0, drift: -1.5, unit: GaugeUnit::PoundForce));
    expect(peakOf($drifting, 'a'))->toEqualWithDelta(90.0 * 4.4482216152605, 1e-9)
        ->and(peakOf($drifting, 'b'))->toEqualWithDelta(88.5 * 4.4482216152605, 1e-9);
});

it('rises to its peak and says the peak until it is taken', function (): void {
    $gauge = new SimulatedGauge(new SimulatedSettings(mean: 50.0, spread: 0.0, pause: 1.0, seconds: 0.2));
    $lines = $gauge->pull('x');
    expect(array_map(static fn(SimulatedLine $line): float => round($line->due, 3), array_slice($lines, 0, 7)))->toBe([0.0, 1.05, 1.1, 1.15, 1.2, 1.25, 1.55])
        ->and(GaugeLine::read($lines[1]->text)?->members)->toBe(['x', '7.8', 'N', '0.050'])
        ->and(GaugeLine::read($lines[4]->text)?->members)->toBe(['x', '50.0', 'N', '0.200'])
        ->and(GaugeLine::read($lines[5]->text)?->members)->toBe(['x', '50.0', 'N', '0.200', '4'])
        ->and($lines)->toHaveCount(15);
});

it('does in one pull what it is told to, and pulls on in the next', function (string $what): void {
    $gauge = new SimulatedGauge((new SimulatedSettings())->with($what, '2'));
    expect(simulatedPull($gauge))->not->toContain($what);
    $lines = simulatedPull($gauge);
    expect(end($lines))->toBe($what)->and(count($lines))->toBeGreaterThan(5)
        ->and(implode('', $lines))->not->toContain('PEAK')
        ->and(simulatedPull($gauge))->not->toContain($what);
})->with([SimulatedLine::CUT, SimulatedLine::HANG, SimulatedLine::FLOOD]);

it('disturbs its lines where it is told to, and no peak comes out wrong', function (): void {
    $gauge = new SimulatedGauge(new SimulatedSettings(mean: 90.0, spread: 0.0, noise: 0.3));
    $unread = 0;
    foreach (range(1, 50) as $pull) {
        $lines = simulatedPull($gauge, (string) $pull);
        $unread += count(array_filter($lines, static fn(string $line): bool => GaugeLine::read($line) === null));
        $peak = peakOf($gauge, 'p' . $pull);
        expect($peak)->toBeIn([90.0, null]);
    }
    // 51 lines each, of which about three in ten are disturbed.
    expect($unread)->toBeGreaterThan(600)->toBeLessThan(930);
});

it('says what a gauge cannot be told', function (string $what, string $value, string $says): void {
    expect(static fn(): SimulatedSettings => (new SimulatedSettings())->with($what, $value))->toThrow(InvalidArgumentException::class, $says);
})->with([
    ['speed', '3', '"speed" is nothing a gauge is told; there are name, mean'],
    ['unit', 'kN', 'unit "kN": must be N, lbf or kgf'],
    ['mean', '-3', 'mean "-3": must be a number like 12.5'],
    ['mean', 'NAN', 'mean "NAN": must be a number like 12.5'],
    ['hang', '1.5', 'hang "1.5": must be a whole number'],
    ['name', 'a b', 'name "a b": must be one word of letters, digits and hyphens'],
]);

it('is told anew while it runs', function (): void {
    $gauge = new SimulatedGauge(new SimulatedSettings(mean: 90.0, spread: 0.0));
    $gauge->set('mean', '60');
    expect(peakOf($gauge, 'a'))->toBe(60.0);
    $gauge->set('drift', '-2.5');
    expect(peakOf($gauge, 'b'))->toBe(57.5)
        ->and($gauge->hello()->members)->toBe(['simulated', '500.0', 'N']);
});
