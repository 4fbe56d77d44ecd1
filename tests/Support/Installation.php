<?php

declare(strict_types=1);

namespace Tests\Support;

use GuzzleHttp\Exception\GuzzleException;
use Symfony\Component\Process\Process;

/** A Gondrik of its own beside those of bin/start and bin/test, started by bin/start, to be broken in every way. */
final class Installation
{
    private const NAME = 'faults';

    private const SERVICE_USER = 'gondrik';

    private Process $process;

    /** Where it keeps everything. */
    public readonly string $var;

    public function __construct()
    {
        $this->var = getenv('GONDRIK_VARS') . '/' . self::NAME;
    }

    /**
     * @param list<string>          $options of bin/start
     * @param array<string, string> $env     for it
     */
    public function start(array $options = [], array $env = [], int $within = 90): self
    {
        $env = ['GONDRIK_INSTANCE' => self::NAME, 'GONDRIK_PORT' => false, 'GONDRIK_SIGN_INS_PER_ACCOUNT' => '1000', ...$env];
        $this->process = new Process([self::root() . '/bin/start', ...$options], env: $env, timeout: null);
        $this->process->start();
        $this->waitFor(fn(): bool => str_contains($this->said(), 'Gondrik runs at') || !$this->process->isRunning(), $within);

        return $this;
    }

    public function stop(): void
    {
        if ($this->process->isRunning()) {
            $this->process->signal(SIGTERM);
            $this->process->wait();
        }
    }

    /** Everything it made, also where it lies on a disk of its own. */
    public function remove(): void
    {
        self::asService(['find', $this->var, '-mindepth', '1', '-delete'])->run();
    }

    public function said(): string
    {
        return $this->process->getOutput() . $this->process->getErrorOutput();
    }

    /** Waits until it has said this, in what it said since. */
    public function says(string $sentence, int $within = 40): bool
    {
        return $this->waitFor(fn(): bool => str_contains($this->said(), $sentence), $within);
    }

    public function url(): string
    {
        return preg_match('~Gondrik runs at (\S+)~', $this->said(), $found) === 1 ? $found[1] : '';
    }

    /** Its exit code once it has ended, null while it runs. */
    public function ended(int $within): ?int
    {
        $this->waitFor(fn(): bool => !$this->process->isRunning(), $within);

        return $this->process->isRunning() ? null : $this->process->getExitCode();
    }

    /** @return array<string, string> of its first node */
    public function settings(): array
    {
        return parse_ini_string(self::asService(['cat', $this->var . '/node-1/.env'])->mustRun()->getOutput(), scanner_mode: INI_SCANNER_RAW) ?: [];
    }

    /** A connection to its database as the application has it. */
    public function database(): \PDO
    {
        $settings = $this->settings();

        return new \PDO("pgsql:host=127.0.0.1;port={$settings['DB_PORT']};dbname={$settings['DB_DATABASE']}", $settings['DB_USERNAME'], $settings['DB_PASSWORD']);
    }

    /** A statement of the role that made the cluster, as bin/restore has it. */
    public function asKeeper(string $statement): void
    {
        $port = $this->settings()['DB_PORT'];
        self::asService(['sh', '-c', 'PGPASSWORD=$(cat "$0/database-password") exec psql -qtA -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$1" -U gondrik -d postgres -c "$2"', $this->var, $port, $statement])->mustRun();
    }

    /** @return int the status of its health, 0 where nobody answers */
    public function health(): int
    {
        try {
            return (new Page($this->url()))->get('/api/v1/health')->getStatusCode();
        } catch (GuzzleException) {
            return 0;
        }
    }

    public function becomes(int $health, int $within = 40): bool
    {
        return $this->waitFor(fn(): bool => $this->health() === $health, $within);
    }

    /** Whether nothing of it runs any more, or soon does not. */
    public function hasEnded(): bool
    {
        return $this->waitFor(fn(): bool => $this->processes() === [], 10);
    }

    /** @return array<int, string> what of it runs: command lines by process id; bin/start and the watcher among them */
    public function processes(): array
    {
        // As the service user: root itself may be kept from looking where another's process stands.
        $list = 'for p in /proc/[0-9]*; do place=$(readlink $p/cwd) && case $place in "$0"|"$0"/*) printf "%s %s\\n" "${p#/proc/}" "$(tr "\\0" " " <$p/cmdline)";; esac; done 2>/dev/null; true';
        $rows = array_filter(explode("\n", self::asService(['sh', '-c', $list, $this->var])->mustRun()->getOutput()));
        $found = [];
        foreach ($rows as $row) {
            [$id, $command] = explode(' ', $row, 2);
            // The watcher's pause, and this look itself.
            if (preg_match('~^(sleep 1|sh -c for p|readlink|tr) ?~', trim($command)) !== 1 && trim($command) !== '') {
                $found[(int) $id] = trim($command);
            }
        }
        if ($this->process->isRunning()) {
            $found[(int) $this->process->getPid()] = 'bin/start';
        }

        return $found;
    }

    /** Ends these of its processes at once, without a word: those whose command line matches. */
    public function kill(string $pattern): int
    {
        $killed = array_keys(array_filter($this->processes(), static fn(string $command): bool => preg_match($pattern, $command) === 1));
        foreach ($killed as $id) {
            posix_kill($id, SIGKILL);
        }

        return count($killed);
    }

    /**
     * A command of bin/ for this installation.
     *
     * @param list<string> $command
     */
    public static function run(array $command): Process
    {
        $process = new Process([self::root() . '/' . $command[0], ...array_slice($command, 1)], env: ['GONDRIK_INSTANCE' => self::NAME], timeout: 120);
        $process->run();

        return $process;
    }

    /**
     * @param list<string>          $command
     * @param array<string, string> $env
     */
    public static function asService(array $command, array $env = []): Process
    {
        $become = posix_geteuid() === 0 ? ['setpriv', '--reuid=' . self::SERVICE_USER, '--regid=' . self::SERVICE_USER, '--init-groups', '--'] : [];

        return new Process([...$become, ...$command], cwd: '/', env: $env, timeout: 120);
    }

    /** The checkout. */
    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** The code as the service user reads it: a copy, where the checkout is closed to it. */
    public static function code(): string
    {
        $copy = dirname((string) getenv('GONDRIK_VARS')) . '/code';

        return is_dir($copy) ? $copy : self::root();
    }

    /** @param \Closure(): bool $holds */
    private function waitFor(\Closure $holds, int $seconds): bool
    {
        $end = microtime(true) + $seconds;
        while (!$holds()) {
            if (microtime(true) > $end) {
                return false;
            }
            usleep(200_000);
        }

        return true;
    }
}
