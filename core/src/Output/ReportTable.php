<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Wording\LineName;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;

/** A report as one table: a row for each step of each line, and one for a line that has none. */
final readonly class ReportTable
{
    private Sentence $sentence;

    public function __construct(Units $units = new Units())
    {
        $this->sentence = new Sentence($units);
    }

    /** @return non-empty-list<list<string>> the names of the columns, then the rows in the order of the lines and of work */
    public function of(Report $report): array
    {
        return [
            ['line', 'makes', 'wire', 'terminal', 'count', 'status', 'step', 'of wire', 'step status', 'tool', 'place', 'backup', 'why'],
            ...array_merge(...array_map($this->rows(...), $report->lines)),
        ];
    }

    /** @return non-empty-list<list<string>> */
    private function rows(LineCover $cover): array
    {
        $line = $cover->line;
        $begin = [$line->id, LineName::of($line), $line->wire->name ?? '', $line->terminal->name ?? '', (string) $line->quantity, $cover->status->value];
        $rows = array_map(fn(StepCover $step): array => [...$begin, ...$this->step($step)], $cover->steps);

        return $cover->checks === [] && $rows !== [] ? $rows : [[...$begin, '', '', '', '', '', '', $this->why($cover->checks)], ...$rows];
    }

    /** @return list<string> */
    private function step(StepCover $cover): array
    {
        return [
            $cover->step->operation->value,
            $cover->step->wire()->name ?? '',
            $cover->status->value,
            $cover->chosen->tool->name ?? '',
            $cover->chosen?->position() ?? '',
            $cover->unbacked ? 'none' : '',
            $this->why($cover->reasons()),
        ];
    }

    /** @param list<Reason> $reasons */
    private function why(array $reasons): string
    {
        return implode(' ', array_map($this->sentence->of(...), $reasons));
    }
}
