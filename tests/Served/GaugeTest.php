<?php

declare(strict_types=1);

use App\Gauge\Gauges;
use Gondrik\Core\Gauge\GaugeLine;
use Gondrik\Core\Gauge\GaugeWord;
use Symfony\Component\Process\Process;

/*
 * Simulated gauges, the reader of gauges and whoever asks it, each a process of its own, and everything that goes wrong between them:
 * what was pulled is told once, as it was, to whoever pulled it.
 */

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir() . '/gondrik-gauges-' . bin2hex(random_bytes(4));
    mkdir($this->folder, 0700);
    $this->running = [];
    $this->gauges = new Gauges($this->folder . '/ask');
});

afterEach(function (): void {
    array_map(static fn(Process $process) => $process->stop(2), $this->running);
    array_map(unlink(...), glob($this->folder . '/*') ?: []);
    rmdir($this->folder);
});

/**
 * @param array<string, string> $told
 *
 * @return array{Process, string} and its address
 */
function gaugeOf(object $test, array $told = []): array
{
    $options = ['port' => '0', 'pause' => '0.1', 'seconds' => '0.4', 'spread' => '0', ...$told];
    $gauge = new Process([dirname(__DIR__, 2) . '/bin/gauge', ...array_map(static fn(string $what, string $value): string => '--' . $what . '=' . $value, array_keys($options), $options)], timeout: null);
    $gauge->start();
    $test->running[] = $gauge;
    waitUntil(static fn(): bool => str_contains($gauge->getOutput(), ' at '));

    return [$gauge, trim(substr($gauge->getOutput(), (int) strrpos($gauge->getOutput(), ' ')))];
}

/** @param array<string, string> $addresses by name */
function readerOf(object $test, array $addresses): Process
{
    $reader = new Process(['php', dirname(__DIR__, 2) . '/artisan', 'gauges:read'], env: [
        'GONDRIK_GAUGES' => implode(',', array_map(static fn(string $name, string $address): string => $name . '=' . $address, array_keys($addresses), $addresses)),
        'GONDRIK_GAUGE_SOCKET' => $test->folder . '/ask',
        'APP_CONFIG_CACHE' => $test->folder . '/none.php',
    ], timeout: null);
    $reader->start();
    $test->running[] = $reader;
    waitUntil(static fn(): bool => !in_array(false, array_column($test->gauges->all() ?? [['isThere' => false]], 'isThere'), true));

    return $reader;
}

function waitUntil(Closure $isSo, float $within = 15.0): void
{
    for ($end = microtime(true) + $within; !$isSo() && microtime(true) < $end;) {
        usleep(50_000);
    }
    expect($isSo())->toBeTrue();
}

/** @return list<array<string, mixed>> what comes of one pull, without beats */
function pullOf(Gauges $gauges, string $gauge, string $test, string $by = 'hand-0001'): array
{
    return array_values(array_filter(iterator_to_array($gauges->pull($gauge, $test, $by), false), static fn(array $event): bool => $event['kind'] !== 'beat'));
}

it('tells a pull as it goes: ready, a force that rises, the peak', function (string $unit, float $newtons): void {
    [, $address] = gaugeOf($this, ['mean' => '20', 'unit' => $unit]);
    readerOf($this, ['bench' => $address]);
    $events = pullOf($this->gauges, 'bench', 'test-0001');
    $forces = array_column(array_filter($events, static fn(array $event): bool => $event['kind'] === 'reading'), 'force');
    $rising = $forces;
    sort($rising);
    expect($events[0]['kind'])->toBe('ready')
        ->and($forces)->toHaveCount(8)->toBe($rising)
        ->and(end($events))->toMatchArray(['kind' => 'peak', 'text' => '20.0 ' . $unit, 'lost' => 0, 'at' => 0.4])
        ->and(end($events)['force'])->toEqualWithDelta($newtons, 1e-9)
        ->and($this->gauges->all())->toBe([['id' => 'bench', 'isThere' => true, 'isPulling' => false]]);
})->with([['N', 20.0], ['lbf', 88.96443230521], ['kgf', 196.133]]);

it('says what has become of a gauge, and goes on with the next pull once it is there again', function (array $told, string $code, bool $hasRead): void {
    [, $address] = gaugeOf($this, ['mean' => '80', ...$told]);
    readerOf($this, ['bench' => $address]);
    $events = pullOf($this->gauges, 'bench', 'test-0001');
    $fault = end($events);
    expect($fault)->toMatchArray(['kind' => 'fault', 'code' => $code])
        ->and($fault['says'])->toBeString()->not->toBe($code)
        ->and($fault['force'] !== null)->toBe($hasRead);
    if ($hasRead) {
        // The highest that was read, so that it is known what it held at least.
        expect($fault['force'])->toBe(max(array_column(array_slice($events, 0, -1), 'force')));
    }
    if ($code !== 'silent') {
        waitUntil(fn(): bool => $this->gauges->all()[0]['isThere']);
        $again = pullOf($this->gauges, 'bench', 'test-0002');
        expect(end($again))->toMatchArray(['kind' => 'peak', 'force' => 80.0]);
    }
})->with([
    'its line is cut' => [['cut' => '1'], 'gone', true],
    'it falls silent' => [['hang' => '1'], 'silent', true],
    'it floods' => [['flood' => '1'], 'flood', true],
]);

it('believes nothing of a line that is nothing but noise, and all of one that has some', function (): void {
    [, $noisy] = gaugeOf($this, ['mean' => '80', 'noise' => '0.25', 'seed' => '3', 'seconds' => '1']);
    [, $deaf] = gaugeOf($this, ['mean' => '80', 'noise' => '1']);
    readerOf($this, ['noisy' => $noisy, 'deaf' => $deaf]);
    $events = pullOf($this->gauges, 'noisy', 'test-0001');
    $peak = end($events);
    expect($peak)->toMatchArray(['kind' => 'peak', 'force' => 80.0])
        ->and($peak['lost'])->toBeGreaterThan(0)->toBe(20 - count(array_filter($events, static fn(array $event): bool => $event['kind'] === 'reading')));
    $events = pullOf($this->gauges, 'deaf', 'test-0002');
    expect(array_column($events, 'kind'))->toBe(['ready', 'fault'])->and(end($events)['code'])->toBe('garbled');
});

it('names a gauge that speaks in a unit which nobody knows, and not a cable that is loose', function (): void {
    $line = GaugeLine::of(GaugeWord::Gauge, 'bench', '500', 'kp')->write();
    $foreign = new Process(['php', '-r', '
        $server = stream_socket_server("tcp://127.0.0.1:0");
        echo stream_socket_get_name($server, false), "\n";
        $line = stream_socket_accept($server, 30);
        for ($i = 0; $i < 200 && @fwrite($line, $argv[1] . "\r\n") > 0; $i++) {
            usleep(100_000);
        }', $line], timeout: null);
    $foreign->start();
    $this->running[] = $foreign;
    waitUntil(static fn(): bool => $foreign->getOutput() !== '');
    $address = trim($foreign->getOutput());
    $loose = stream_socket_server('tcp://127.0.0.1:0');
    $nobody = (string) stream_socket_get_name($loose, false);
    fclose($loose);
    [, $known] = gaugeOf($this, ['mean' => '80']);
    $reader = new Process(['php', dirname(__DIR__, 2) . '/artisan', 'gauges:read'], env: [
        'GONDRIK_GAUGES' => "bench={$address},loose={$nobody},known={$known}",
        'GONDRIK_GAUGE_SOCKET' => $this->folder . '/ask',
        'APP_CONFIG_CACHE' => $this->folder . '/none.php',
    ], timeout: null);
    $reader->start();
    $this->running[] = $reader;
    waitUntil(fn(): bool => in_array(true, array_column($this->gauges->all() ?? [], 'isThere'), true));
    waitUntil(fn(): bool => (pullOf($this->gauges, 'bench', 'test-' . bin2hex(random_bytes(4)))[0]['code'] ?? '') === 'unit');
    expect(pullOf($this->gauges, 'loose', 'test-0002')[0]['code'])->toBe('away')
        ->and(pullOf($this->gauges, 'bench', 'test-0003')[0]['says'])->toBe(Gondrik\Core\Wording\Words::for('gauge', 'unit'));
});

it('ends the pull of a gauge that is killed, and finds the gauge again when it is back', function (): void {
    [$gauge, $address] = gaugeOf($this, ['seconds' => '5']);
    readerOf($this, ['bench' => $address]);
    $codes = [];
    foreach ($this->gauges->pull('bench', 'test-0001', 'hand-0001') as $event) {
        $codes[] = $event['code'] ?? $event['kind'];
        if ($event['kind'] === 'reading') {
            $gauge->signal(SIGKILL);
        }
    }
    expect(end($codes))->toBe('gone');
    $away = pullOf($this->gauges, 'bench', 'test-0002');
    expect(array_column($away, 'code'))->toBe(['away']);
    gaugeOf($this, ['port' => explode(':', $address)[1], 'mean' => '70']);
    waitUntil(fn(): bool => $this->gauges->all()[0]['isThere']);
    $events = pullOf($this->gauges, 'bench', 'test-0003');
    expect(end($events))->toMatchArray(['kind' => 'peak', 'force' => 70.0]);
});

it('keeps two gauges apart, and lets nobody else at one that is pulled with', function (): void {
    [, $one] = gaugeOf($this, ['mean' => '50', 'seconds' => '1']);
    [, $other] = gaugeOf($this, ['mean' => '200', 'seconds' => '1']);
    readerOf($this, ['one' => $one, 'other' => $other]);
    $pulls = ['one' => $this->gauges->pull('one', 'test-0001', 'hand-0001'), 'other' => $this->gauges->pull('other', 'test-0002', 'hand-0002')];
    foreach ($pulls as $pull) {
        $pull->current();
    }
    expect(array_column($this->gauges->all(), 'isPulling'))->toBe([true, true])
        ->and(array_column(pullOf($this->gauges, 'one', 'test-0003', 'hand-0003'), 'code'))->toBe(['busy']);
    $peaks = [];
    while ($pulls['one']->valid() || $pulls['other']->valid()) {
        foreach ($pulls as $name => $pull) {
            if ($pull->valid()) {
                $event = $pull->current();
                expect($event['force'] ?? 0)->toBeLessThanOrEqual($name === 'one' ? 50.0 : 200.0);
                $peaks[$name] = $event['kind'] === 'peak' ? $event['force'] : null;
                $pull->next();
            }
        }
    }
    expect($peaks)->toEqual(['one' => 50.0, 'other' => 200.0]);
});

it('goes on with a pull for a page that was cut off from it, without losing or doubling a reading', function (): void {
    [, $address] = gaugeOf($this, ['seconds' => '1', 'mean' => '60']);
    readerOf($this, ['bench' => $address]);
    $seen = 0;
    foreach ($this->gauges->pull('bench', 'test-0001', 'hand-0001') as $event) {
        $seen += $event['kind'] === 'reading' ? 1 : 0;
        if ($seen === 5) {
            break;
        }
    }
    $events = pullOf($this->gauges, 'bench', 'test-0001');
    expect(array_count_values(array_column($events, 'kind')))->toBe(['ready' => 1, 'reading' => 20, 'peak' => 1])
        ->and(pullOf($this->gauges, 'bench', 'test-0001'))->toEqual($events);
});

it('tells one at a time: who comes again takes the place of the connection before', function (): void {
    [, $address] = gaugeOf($this, ['seconds' => '1', 'mean' => '60']);
    readerOf($this, ['bench' => $address]);
    $first = $this->gauges->pull('bench', 'test-0001', 'hand-0001');
    expect($first->current()['kind'])->toBe('ready');
    $events = pullOf($this->gauges, 'bench', 'test-0001');
    $kinds = [];
    for (; $first->valid(); $first->next()) {
        $kinds[] = $first->current()['code'] ?? $first->current()['kind'];
    }
    expect(end($kinds))->toBe('let-go')
        ->and(array_count_values(array_column($events, 'kind')))->toBe(['ready' => 1, 'reading' => 20, 'peak' => 1]);
});

it('lets whoever left a pull of theirs begin the next at once', function (): void {
    [, $address] = gaugeOf($this, ['seconds' => '1', 'mean' => '60']);
    readerOf($this, ['bench' => $address]);
    $left = $this->gauges->pull('bench', 'test-0001', 'hand-0001');
    expect($left->current()['kind'])->toBe('ready');
    $events = pullOf($this->gauges, 'bench', 'test-0002');
    expect(array_count_values(array_column($events, 'kind')))->toBe(['ready' => 1, 'reading' => 20, 'peak' => 1]);
    $rest = iterator_to_array((static function () use ($left): Generator {
        while ($left->valid()) {
            yield $left->current();
            $left->next();
        }
    })(), false);
    // Nothing of the new one comes to the old.
    expect(array_values(array_diff(array_column($rest, 'kind'), ['beat'])))->toBe(['ready', 'fault'])->and(end($rest)['code'])->toBe('let-go');
});

it('gives up a pull that nobody waits for any more', function (): void {
    [, $address] = gaugeOf($this, ['pause' => '60']);
    readerOf($this, ['bench' => $address]);
    $pull = $this->gauges->pull('bench', 'test-0001', 'hand-0001');
    expect($pull->current()['kind'])->toBe('ready');
    unset($pull);
    expect($this->gauges->all()[0]['isPulling'])->toBeTrue();
    waitUntil(fn(): bool => !$this->gauges->all()[0]['isPulling']);
    expect(array_column(pullOf($this->gauges, 'bench', 'test-0001'), 'code'))->toContain('let-go');
});

it('says so when the reader is gone, in the middle of a pull too', function (): void {
    [, $address] = gaugeOf($this, ['seconds' => '5']);
    $reader = readerOf($this, ['bench' => $address]);
    $codes = [];
    foreach ($this->gauges->pull('bench', 'test-0001', 'hand-0001') as $event) {
        $codes[] = $event['code'] ?? $event['kind'];
        if ($event['kind'] === 'reading') {
            $reader->signal(SIGKILL);
        }
    }
    expect(end($codes))->toBe('no-reader')
        ->and($this->gauges->all())->toBeNull()
        ->and(array_column(pullOf($this->gauges, 'bench', 'test-0002'), 'code'))->toBe(['no-reader']);
});

it('is told anew over its own line', function (): void {
    [$gauge, $address] = gaugeOf($this, ['mean' => '60']);
    $line = stream_socket_client('tcp://' . $address);
    foreach ([['mean', '45.5'], ['unit', 'kN']] as [$what, $value]) {
        fwrite($line, GaugeLine::of(GaugeWord::Set, $what, $value)->write() . "\n");
    }
    waitUntil(static fn(): bool => str_contains($gauge->getOutput(), 'unit "kN": must be N, lbf or kgf'));
    readerOf($this, ['bench' => $address]);
    $events = pullOf($this->gauges, 'bench', 'test-0001');
    expect(end($events))->toMatchArray(['kind' => 'peak', 'text' => '45.5 N']);
});

it('refuses what it cannot do, before it begins', function (array $command, array $env, string $says): void {
    $process = new Process($command, dirname(__DIR__, 2), $env);
    $process->run();
    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toContain($says);
})->with([
    [['bin/gauge', '--unit=kN'], [], 'unit "kN": must be N, lbf or kgf'],
    [['bin/gauge', '--port=99999'], [], 'port "99999": must be a port number'],
    [['php', 'artisan', 'gauges:read'], ['GONDRIK_GAUGES' => 'bench', 'APP_CONFIG_CACHE' => '/nowhere/none.php'], 'GONDRIK_GAUGES "bench": must be a name and an address'],
]);
