<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Bench\Asked;
use Gondrik\Core\Bench\Calculation;
use Gondrik\Core\Bench\Calculator;
use Gondrik\Core\Bench\Figure;

/** Each row of cases/outside.csv: what we answer beside what a source outside says. The page in Tables lists what came of it. */
final class OutsideChecks
{
    public const RESULTS = __DIR__ . '/../../data/outside-checks.csv';

    /** @return list<array{group: string, source: string, recall: string, what: string, ours: string, theirs: string, allowed: string, holds: string}> */
    public static function all(): array
    {
        $results = [];
        foreach (CaseTable::of('outside', 'what', 'group') as [$case]) {
            $theirs = str_starts_with($case['theirs'], 'units:') ? self::gnuUnits(substr($case['theirs'], 6)) : $case['theirs'];
            $ours = self::ours($case);
            $results[] = [
                'group' => $case['group'],
                'source' => $case['source'],
                'recall' => $case['recall'],
                'what' => $case['what'],
                'ours' => self::told($ours),
                'theirs' => self::told($theirs),
                'allowed' => $case['allowed'] === '' ? '0' : $case['allowed'],
                'holds' => self::holds($ours, $theirs, (float) $case['allowed']) ? 'yes' : 'no',
            ];
        }

        return $results;
    }

    /** @param array<string, string> $case */
    private static function ours(array $case): string|int|float|null
    {
        preg_match_all('~([a-z-]+)=((?:(?! [a-z-]+=).)*)~u', $case['asked'], $asked, PREG_SET_ORDER);
        $answer = (new Calculator())->answer(Calculation::from($case['calc']), new Asked(array_column($asked, 2, 1)));
        $member = get_object_vars($answer)[$case['member']];
        assert(is_array($member) || $member instanceof Figure);

        return is_array($member) ? implode(',', array_map(static fn(Figure $figure): string => (string) $figure->value, $member)) : $member->value;
    }

    private static function holds(string|int|float|null $ours, string|float $theirs, float $allowed): bool
    {
        if (!is_numeric($theirs)) {
            return ($ours ?? 'none') === $theirs;
        }

        return is_numeric($ours) && abs($ours - (float) $theirs) <= $allowed * abs((float) $theirs) + 1e-9;
    }

    private static function told(string|int|float|null $value): string
    {
        return match (true) {
            $value === null => 'none',
            is_numeric($value) => sprintf('%.6g', (float) $value),
            default => $value,
        };
    }

    private static function gnuUnits(string $question): float
    {
        [$from, $to] = explode(' > ', $question);
        exec('units -t ' . escapeshellarg($from) . ' ' . escapeshellarg($to) . ' 2>&1', $output, $status);
        if ($status !== 0 || !is_numeric($output[0] ?? null)) {
            throw new \RuntimeException('GNU units is needed for this check (Debian package units): ' . implode(' ', $output));
        }

        return (float) $output[0];
    }
}
