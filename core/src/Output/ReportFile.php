<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Coverage\Others;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\OnDay\KitOnDay;
use Gondrik\Core\Wording\Units;

/** A report as a file by itself: the command line's answer, and what the application gives to take along. */
final readonly class ReportFile
{
    /** @param bool $all of every step the tools that were not chosen; else of those that are not covered */
    public function __construct(private Units $units = new Units(), private bool $all = false) {}

    /** @return array<string, mixed> the report; of a day or of somebody in particular also when and who, and what does not count */
    public function of(Report $report, KitOnDay $stands): array
    {
        $isInParticular = $stands->day !== null || $stands->kit->worker !== null;
        $others = new Others($report->kit, $report->rules);
        $writer = new ReportWriter(
            $this->units,
            fn(StepCover $cover): ?array => $this->all || $cover->status !== Status::Covered ? $others->of($cover) : null,
            $isInParticular,
        );

        return [...$writer->report($report), ...$isInParticular ? (new DayWriter())->kit($stands) : []];
    }
}
