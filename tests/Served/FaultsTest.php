<?php

declare(strict_types=1);

use Tests\Support\Installation;
use Tests\Support\Page;

/*
 * What breaks when it runs, one thing after the other, on an installation of its own. Every test starts it and leaves it
 * stopped; the data stay from one to the next unless a test takes them away.
 */

const MASTERS = ['PostgreSQL' => '~^/usr/lib/postgresql/15/bin/postgres -D~', 'nginx' => '~^nginx: master~', 'PHP-FPM' => '~^php-fpm: master~'];

beforeEach(function (): void {
    $this->gondrik = new Installation();
});

afterEach(function (): void {
    $this->gondrik->stop();
    expect($this->gondrik->hasEnded())->toBeTrue(implode("\n", $this->gondrik->processes()));
});

it('starts again what has ended by itself, and says so', function (): void {
    $this->gondrik->start(['--nodes', '2']);
    $usual = count($this->gondrik->processes());
    foreach (MASTERS as $name => $pattern) {
        expect($this->gondrik->health())->toBe(200)
            ->and($this->gondrik->kill($pattern))->toBeGreaterThan(0)
            ->and($this->gondrik->says($name . ($name === 'PHP-FPM' ? ' of node 2' : '') . ' runs again'))->toBeTrue($this->gondrik->said())
            ->and($this->gondrik->becomes(200))->toBeTrue($name);
        // A request that writes and reads, on every node.
        $page = (new Page($this->gondrik->url()))->signIn();
        expect($page->get('/api/v1/kits')->getStatusCode())->toBe(200)->and($page->get('/api/v1/scopes')->getStatusCode())->toBe(200);
    }
    // The shop goes on without its gauges.
    foreach (['The simulated gauge' => '~Gauge/simulated~', 'The reader of gauges' => '~gauges:read~'] as $name => $pattern) {
        expect($this->gondrik->kill($pattern))->toBeGreaterThan(0)
            ->and($this->gondrik->says($name . ' has ended by itself'))->toBeTrue($this->gondrik->said());
    }
    $page = (new Page($this->gondrik->url()))->signIn();
    $gauges = static fn(): array => json_decode((string) $page->get('/api/v1/gauges')->getBody(), true)['data'] ?? [];
    for ($end = microtime(true) + 20; $gauges() !== [['id' => 'simulated', 'isThere' => true, 'isPulling' => false]] && microtime(true) < $end;) {
        usleep(200_000);
    }
    expect($gauges())->toBe([['id' => 'simulated', 'isThere' => true, 'isPulling' => false]]);
    // No worker outlives its master; PostgreSQL may have one for each connection.
    $left = array_filter($this->gondrik->processes(), static fn(string $command): bool => !str_starts_with($command, 'postgres: '));
    expect(count($left))->toBeLessThanOrEqual($usual, implode("\n", $left));
    expect($this->gondrik->said())->toContain('PostgreSQL has ended by itself')->toContain('nginx has ended by itself')->toContain('PHP-FPM of node 1 has ended by itself');
});

it('clears away what any set of killed processes leaves, and takes the same port again', function (): void {
    $url = $this->gondrik->start()->url();
    $usual = count($this->gondrik->processes());
    expect($url)->toStartWith('http://127.0.0.1:');
    foreach ([
        'everything' => '~~',
        'bin/start alone' => '~^bin/start$~',
        'the watcher alone' => '~setup/serve~',
        'every master, and the workers go on' => '~^bin/start$|setup/serve|master|/bin/postgres~',
        'all but nginx, which holds the port' => '~^(?!nginx)~',
    ] as $name => $killed) {
        expect($this->gondrik->kill($killed))->toBeGreaterThan(0)
            ->and($this->gondrik->ended(30))->not->toBe(0)->not->toBeNull();
        $this->gondrik->start();
        expect($this->gondrik->url())->toBe($url, $name . ': ' . $this->gondrik->said())->and($this->gondrik->health())->toBe(200)
            ->and(count($this->gondrik->processes()))->toBeLessThanOrEqual($usual + 1);
    }
    $second = Installation::run(['bin/start']);
    expect($second->getExitCode())->not->toBe(0)->and($second->getErrorOutput())->toContain('running already at ' . $url)
        ->and($this->gondrik->health())->toBe(200);
});

it('keeps what it has through a backup and gives it back to the byte', function (): void {
    $this->gondrik->start();
    $file = sys_get_temp_dir() . '/gondrik-' . bin2hex(random_bytes(6)) . '.backup';
    $page = $signedIn = (new Page($this->gondrik->url()))->signIn();
    $before = (string) $page->get('/api/v1/workbook')->getBody();
    expect(Installation::run(['bin/backup', $file])->getExitCode())->toBe(0)
        ->and(fileperms($file) & 0o777)->toBe(0o600)
        ->and(Installation::run(['bin/backup', $file])->getErrorOutput())->toContain('is there already');

    $document = json_decode($before);
    $document->wires[0]->name = 'Changed after the backup';
    $id = json_decode((string) $page->upload((string) json_encode($document))->getBody())->id;
    $page->post("/api/v1/imports/{$id}/apply");
    $changed = (string) $page->get('/api/v1/workbook')->getBody();
    expect($changed)->toContain('Changed after the backup');

    $damaged = $file . '.damaged';
    file_put_contents($damaged, substr((string) file_get_contents($file), 0, 20_000));
    $refused = Installation::run(['bin/restore', $damaged]);
    expect($refused->getExitCode())->not->toBe(0)->and($refused->getErrorOutput())->toContain('Nothing was changed')
        ->and((string) $page->get('/api/v1/workbook')->getBody())->toBe($changed);

    $restored = Installation::run(['bin/restore', $file]);
    expect($restored->getExitCode())->toBe(0, $restored->getErrorOutput())->and($restored->getOutput())->toContain('is kept as the database gondrik_demo_before_');
    $page = (new Page($this->gondrik->url()))->signIn();
    expect((string) $page->get('/api/v1/workbook')->getBody())->toBe($before)
        // Who was signed in when the backup was made is not, when it is put back.
        ->and($signedIn->get('/api/v1/kits')->getStatusCode())->toBe(401);
    array_map(unlink(...), [$file, $damaged]);
});

it('opens again what a restore that was killed in its midst has closed', function (): void {
    $this->gondrik->start();
    $this->gondrik->asKeeper('alter database gondrik_demo allow_connections false');
    $this->gondrik->asKeeper('create database gondrik_demo_restoring');
    $this->gondrik->stop();
    $this->gondrik->start();
    expect($this->gondrik->said())->toContain('A restore was broken off')->and($this->gondrik->health())->toBe(200);
    // The same name is free for the next.
    $this->gondrik->asKeeper('create database gondrik_demo_restoring');
    $this->gondrik->asKeeper('drop database gondrik_demo_restoring');
});

it('ends a request that takes too long, by the clock on the wall and by that of the processor', function (): void {
    $page = (new Page($this->gondrik->start()->url()))->signIn();
    $lines = array_map(static fn(int $n): array => ['id' => 'line-' . $n, 'wire' => 'flex-1', 'terminal' => 'ferrule-1', 'note' => 'line ' . $n], range(1, 30_000));
    $bring = static fn(string $name): string => json_decode((string) $page->upload((string) json_encode(['gondrik' => 1, 'scopes' => [['id' => 'many', 'name' => $name, 'lines' => $lines]], ...array_intersect_key(json_decode((string) $page->get('/api/v1/workbook')->getBody(), true), ['wires' => 1, 'terminals' => 1])]))->getBody())->id;
    $many = $bring('Many');
    expect($page->post("/api/v1/imports/{$many}/apply")->getStatusCode())->toBe(200);
    $again = $bring('Many more');
    $this->gondrik->stop();

    $page = (new Page($this->gondrik->start(env: ['GONDRIK_WALL_SECONDS' => '4', 'GONDRIK_CPU_SECONDS' => '1'])->url()))->signIn();
    $tooMuch = $page->get('/api/v1/coverage?kit=pylon-backpack&scope=many');
    expect($tooMuch->getStatusCode())->toBe(422)->and((string) $tooMuch->getBody())->toContain('more time than one request is given');

    $database = $this->gondrik->database();
    $database->beginTransaction();
    $database->exec('select * from shops for update');
    $start = microtime(true);
    $waiting = $page->post("/api/v1/imports/{$again}/apply");
    $database->rollBack();
    expect(microtime(true) - $start)->toBeLessThan(20)
        ->and($waiting->getStatusCode())->toBe(503)->and($waiting->getHeaderLine('Content-Type'))->toBe('application/problem+json');
    // What was cut off has not happened.
    expect((string) $page->get('/api/v1/scopes')->getBody())->toContain('"Many"')->not->toContain('Many more');
    $this->gondrik->stop();

    $page = (new Page($this->gondrik->start()->url()))->signIn();
    expect($page->post("/api/v1/imports/{$many}/undo")->getStatusCode())->toBe(204);
});

it('hands over what one role owned alone, as was once the custom', function (): void {
    $this->gondrik->start();
    $port = $this->gondrik->settings()['DB_PORT'];
    $back = 'cd ' . $this->gondrik->var . ' && PGPASSWORD=$(cat database-password) /usr/lib/postgresql/15/bin/psql -qtAX -h 127.0.0.1 -p ' . $port . ' -U gondrik -d gondrik_demo'
        . ' -c "alter database gondrik_demo owner to gondrik" -c "alter table wires owner to gondrik" -c "alter table imports owner to gondrik"';
    Installation::asService(['sh', '-c', $back])->mustRun();
    $page = (new Page($this->gondrik->url()))->signIn();
    expect($page->get('/api/v1/workbook')->getStatusCode())->toBe(500);
    $this->gondrik->stop();
    $page = (new Page($this->gondrik->start()->url()))->signIn();
    expect($page->get('/api/v1/workbook')->getStatusCode())->toBe(200)
        ->and($this->gondrik->database()->query("select count(*) from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r' and pg_get_userbyid(relowner) <> current_user")->fetchColumn())->toBe(0);
});

it('tells a disk without room as that, before PHP has heard of what was sent', function (): void {
    $page = (new Page($this->gondrik->start()->url()))->signIn();
    $workbook = (string) $page->get('/api/v1/workbook')->getBody();
    // nginx keeps what does not fit into its memory in files, and finds no place for them.
    Installation::asService(['chmod', '000', $this->gondrik->var . '/run/body'])->mustRun();
    $refused = $page->upload($workbook . str_repeat(' ', 2_000_000));
    expect($refused->getStatusCode())->toBe(507)->and($refused->getHeaderLine('Content-Type'))->toBe('application/problem+json')
        ->and(json_decode((string) $refused->getBody(), true)['title'])->toBe('The disk of the server is full');
    Installation::asService(['chmod', '700', $this->gondrik->var . '/run/body'])->mustRun();
    expect($page->upload($workbook . str_repeat(' ', 2_000_000))->getStatusCode())->toBe(201);
});

it('has browsers come back over https only where it is behind https', function (string $public, string $told): void {
    $page = new Page($this->gondrik->start(env: ['GONDRIK_PUBLIC_URL' => $public])->url());
    expect($page->get('/')->getHeaderLine('Strict-Transport-Security'))->toBe($told)
        ->and($page->get('/api/v1/health')->getHeaderLine('Strict-Transport-Security'))->toBe($told);
})->with([['https://tools.example', 'max-age=31536000'], ['http://tools.example', '']]);

it('turns logs by size, keeps them from others, and clears uploads that nobody waits for', function (): void {
    $this->gondrik->start();
    $var = $this->gondrik->var;
    $write = "umask 077; head -c 3000 /dev/zero | tr '\\0' x >>{$var}/log/gondrik.log; touch -d '20 minutes ago' {$var}/run/uploads/phpOld; touch {$var}/run/uploads/phpNew";
    Installation::asService(['sh', '-c', $write])->mustRun();
    Installation::asService([Installation::code() . '/setup/keep', $var, 'upkeep'], ['GONDRIK_LOG_SIZE' => '2k'])->mustRun();
    clearstatcache();
    $modes = array_unique(array_map(static fn(string $file): int => fileperms($file) & 0o077, glob($var . '/log/*') ?: []));
    expect(filesize($var . '/log/gondrik.log'))->toBeLessThan(2000)
        ->and(filesize($var . '/log/gondrik.log.1'))->toBeGreaterThanOrEqual(3000)
        ->and($modes)->toBe([0])
        ->and(file_exists($var . '/run/uploads/phpOld'))->toBeFalse()
        ->and(file_exists($var . '/run/uploads/phpNew'))->toBeTrue();
});

it('follows nothing that the service user has laid, and ends no process that it names', function (): void {
    $this->gondrik->start()->stop();
    $var = $this->gondrik->var;
    $target = (string) tempnam('/tmp', 'gondrik-root-');
    file_put_contents($target, 'of root');
    chmod($target, 0o644);
    $bystander = new Symfony\Component\Process\Process(['sleep', '120']);
    $bystander->start();
    $lay = "cd {$var} && for file in log/php.log log/nginx.log run/nginx.conf run/port run/address node-1/.env run/logrotate.conf; do rm -f \$file; ln -s {$target} \$file; done;"
        . " echo {$bystander->getPid()} >run/nginx.pid; echo {$bystander->getPid()} >run/starter.pid; printf /etc >run/sockets";
    Installation::asService(['sh', '-c', $lay])->mustRun();
    $started = $this->gondrik->start();
    // The port is read from a link to what is none: it starts on another, or says why not.
    expect(file_get_contents($target))->toBe('of root')
        ->and(fileowner($target))->toBe(posix_geteuid())
        ->and(fileperms($target) & 0o777)->toBe(0o644)
        ->and($bystander->isRunning())->toBeTrue()
        ->and(is_dir('/etc'))->toBeTrue()
        ->and($started->said())->not->toBe('');
    $bystander->stop(0);
    unlink($target);
    $this->gondrik->stop();
    $this->gondrik->remove();
})->skip(posix_geteuid() !== 0, 'Only root can be led astray.');

it('gives up, with a sentence and not with success, when PostgreSQL cannot start any more', function (): void {
    $this->gondrik->start();
    Installation::asService(['mv', $this->gondrik->var . '/postgres/global/pg_control', $this->gondrik->var . '/pg_control'])->mustRun();
    $this->gondrik->kill(MASTERS['PostgreSQL']);
    expect($this->gondrik->becomes(503, 10))->toBeTrue()
        ->and($this->gondrik->ended(90))->not->toBe(0)->not->toBeNull()
        ->and($this->gondrik->said())->toContain('PostgreSQL has ended 5 times within 120 seconds and is given up: see ');
    $this->gondrik->remove();
});

describe('on a disk of its own', function (): void {
    beforeEach(function (): void {
        $this->mount = function (int $megabytes): bool {
            $var = $this->gondrik->var;
            $this->gondrik->remove();
            is_dir($var) || mkdir($var, 0o700);
            exec(sprintf('mount -t tmpfs -o size=%dm,mode=700,uid=$(id -u gondrik),gid=$(id -g gondrik) tmpfs %s 2>/dev/null', $megabytes, escapeshellarg($var)), result_code: $status);

            return $status === 0;
        };
    });

    afterEach(function (): void {
        $this->gondrik->stop();
        exec('umount ' . escapeshellarg($this->gondrik->var) . ' 2>/dev/null');
    });

    it('says when the disk is full, refuses what it cannot keep, and goes on when there is room', function (): void {
        if (!($this->mount)(400)) {
            $this->markTestSkipped('This machine lets nobody mount a small disk.');
        }
        $this->gondrik->start();
        $page = (new Page($this->gondrik->url()))->signIn();
        $before = (string) $page->get('/api/v1/workbook')->getBody();
        Installation::asService(['sh', '-c', 'dd if=/dev/zero of=' . $this->gondrik->var . '/filler bs=64k 2>/dev/null; true'])->mustRun();
        expect($this->gondrik->says('The disk is full'))->toBeTrue($this->gondrik->said())
            ->and($this->gondrik->becomes(503))->toBeTrue();
        $refused = $page->upload($before);
        expect($refused->getStatusCode())->toBeIn([503, 507])->and($refused->getHeaderLine('Content-Type'))->toBe('application/problem+json');
        unlink($this->gondrik->var . '/filler');
        expect($this->gondrik->says('The disk has room again'))->toBeTrue($this->gondrik->said())
            ->and($this->gondrik->becomes(200))->toBeTrue();
        $page = (new Page($this->gondrik->url()))->signIn();
        expect((string) $page->get('/api/v1/workbook')->getBody())->toBe($before)
            ->and($page->upload($before)->getStatusCode())->toBe(201);
    });

    it('begins nothing on a full disk, and leaves nothing half made', function (): void {
        if (!($this->mount)(60)) {
            $this->markTestSkipped('This machine lets nobody mount a small disk.');
        }
        $this->gondrik->start();
        expect($this->gondrik->ended(10))->toBe(1)
            ->and($this->gondrik->said())->toMatch('~The disk of \S+ has \d+ MB free, and 100 MB are needed: make room~')
            ->and(glob($this->gondrik->var . '/{postgres*,*password*,node-*,.env}', GLOB_BRACE))->toBe([]);
    });

    it('takes away what it began when the disk fills up while it is made', function (): void {
        if (!($this->mount)(400)) {
            $this->markTestSkipped('This machine lets nobody mount a small disk.');
        }
        // So much is left that it begins, and so little that it cannot end.
        $filler = new Symfony\Component\Process\Process(['sh', '-c', sprintf('until [ -d %1$s/postgres.new ] || [ -d %1$s/postgres ]; do sleep 0.02; done; dd if=/dev/zero of=%1$s/filler bs=64k 2>/dev/null', $this->gondrik->var)]);
        $filler->start();
        $this->gondrik->start();
        expect($this->gondrik->ended(10))->toBe(1, $this->gondrik->said())
            ->and(glob($this->gondrik->var . '/{postgres*,*password*}', GLOB_BRACE))->toBe([]);
        $filler->stop(0);
    });
})->skip(posix_geteuid() !== 0, 'Only root can mount a small disk.');
