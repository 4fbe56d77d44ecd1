<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

/** CBC, a general solver of mixed integer programs (Debian package coinor-cbc). */
final class Cbc
{
    /** Seconds that it ran. */
    public float $seconds = 0.0;

    /**
     * The least value that a program can have.
     *
     * @param string $program in the LP format
     *
     * @return int|null null where nothing meets all of it
     */
    public function minimum(string $program): ?int
    {
        $file = tempnam(sys_get_temp_dir(), 'plan');
        file_put_contents($file . '.lp', $program);
        $start = hrtime(true);
        exec('cbc ' . escapeshellarg($file . '.lp') . ' -ratioGap 0 -allowableGap 0 -solve -solu ' . escapeshellarg($file . '.txt') . ' 2>&1', $said, $status);
        $this->seconds += (hrtime(true) - $start) / 1e9;
        $answer = is_file($file . '.txt') ? (string) file_get_contents($file . '.txt') : '';
        array_map(unlink(...), array_filter([$file, $file . '.lp', $file . '.txt'], is_file(...)));
        if (preg_match('~^Infeasible|^Integer infeasible~', $answer) === 1) {
            return null;
        }
        if ($status !== 0 || preg_match('~^Optimal - objective value (\S+)~', $answer, $found) !== 1) {
            throw new \RuntimeException('CBC is needed for this check (Debian package coinor-cbc): ' . implode("\n", $said) . $answer);
        }

        return (int) round((float) $found[1]);
    }

    /**
     * A sum as the LP format has it.
     *
     * @param array<string, int> $terms by variable
     */
    public static function sum(array $terms): string
    {
        // Lines of the format may not be long.
        return wordwrap(implode(' ', array_map(static fn(string $name, int $of): string => ($of < 0 ? '- ' : '+ ') . abs($of) . ' ' . $name, array_keys($terms), $terms)), 200);
    }
}
