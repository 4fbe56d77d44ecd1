<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Cells\MappedColumn;
use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Entry\Proposal;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Sheet\CellProblem;
use Gondrik\Core\Sheet\LineGroup;
use Gondrik\Core\Sheet\RowReading;
use Gondrik\Core\Sheet\SheetReader;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Wording\Units;
use Gondrik\Core\Workbook\ObjectCodec;

/** What was read of a table of work, and what the columns of any table say, as plain data. */
final readonly class SheetWriter
{
    public function __construct(private Units $units = new Units()) {}

    /** @return list<array{index: int, says: string, unit?: string}> what the columns say; none where no head was found */
    public static function columns(?Mapping $mapping): array
    {
        return array_map(static fn(MappedColumn $mapped): array => [
            'index' => $mapped->index,
            'says' => $mapped->says,
            ...$mapped->unit === null ? [] : ['unit' => $mapped->unit],
        ], $mapping->columns ?? []);
    }

    /**
     * @param list<RowReading> $readings
     *
     * @return array<string, mixed> lines that are made of the good rows (with a kit as it judges them), what is wrong in the bad
     *                              ones, and what the shop lacks for them
     */
    public function sheet(Mapping $mapping, array $readings, HouseRules $rules, ?KitAsItStands $kit): array
    {
        $groups = SheetReader::grouped($mapping, $readings);
        $judged = $kit === null ? [] : $this->judged($groups, $rules, $kit);

        return [
            'lines' => array_map(static fn(LineGroup $group, int $index): array => [
                'line' => self::line($group->line),
                'rows' => $group->rows,
                ...$judged[$index] ?? [],
            ], $groups, array_keys($groups)),
            'bad' => array_map(static fn(RowReading $reading): array => [
                'row' => $reading->row,
                'problems' => array_map(self::problem(...), $reading->problems),
            ], array_values(array_filter($readings, static fn(RowReading $reading): bool => $reading->isBad()))),
            'missing' => self::missing($readings),
        ];
    }

    /**
     * @param list<LineGroup> $groups
     *
     * @return array<array{status: mixed, checks: mixed}> in their order
     */
    private function judged(array $groups, HouseRules $rules, KitAsItStands $kit): array
    {
        $lines = array_map(static fn(LineGroup $group, int $index): Line => $group->line->called('line-' . ($index + 1)), $groups, array_keys($groups));
        $report = (new ReportWriter($this->units))->report(Coverage::of($kit, new Scope('table', 'Table', $lines), $rules));

        return array_map(static fn(array $line): array => ['status' => $line['status'], 'checks' => $line['checks']], $report['lines']);
    }

    /** @return array<string, mixed> as the workbook writes it, but for its id, which it gets when it is kept */
    private static function line(Line $line): array
    {
        return array_diff_key(get_object_vars((new ObjectCodec())->write($line)), ['id' => null]);
    }

    /** @return array<string, mixed> */
    private static function problem(CellProblem $problem): array
    {
        return [
            'column' => $problem->column,
            'value' => $problem->value,
            'expected' => $problem->expected,
            ...$problem->about === null ? [] : ['about' => $problem->about],
            ...$problem->candidates === [] ? [] : ['candidates' => $problem->candidates],
        ];
    }

    /**
     * Wires and terminals that the shop has not, each once, made of what the rows say.
     *
     * @param list<RowReading> $readings
     *
     * @return list<array<string, mixed>> with the rows that miss each
     */
    private static function missing(array $readings): array
    {
        $missing = [];
        foreach ($readings as $reading) {
            foreach ($reading->problems as $problem) {
                if ($problem->about === null || $problem->candidates !== []) {
                    continue;
                }
                $about = $problem->about === 'terminal' ? 'terminal' : 'wire';
                $key = $about . '|' . mb_strtolower($problem->value);
                if (!isset($missing[$key])) {
                    $proposal = $about === 'wire' ? Proposal::ofWire($problem->value) : Proposal::ofTerminal($problem->value);
                    $missing[$key] = ['about' => $about, 'text' => $problem->value, 'says' => $proposal->says, 'missing' => $proposal->missing, 'unknown' => $proposal->unknown, 'rows' => []];
                }
                $missing[$key]['rows'][] = $reading->row;
            }
        }

        return array_values($missing);
    }
}
