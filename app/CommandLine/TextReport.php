<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Coverage\Hole;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\OnDay\AssetStanding;
use Gondrik\Core\OnDay\KitOnDay;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Words;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Symfony\Component\Console\Helper\Table;
use Symfony\Component\Console\Helper\TableStyle;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Console\Output\OutputInterface;

/** A report for people at a terminal: the holes first, then a row for each line with a dot for each step. */
final readonly class TextReport
{
    private Sentence $sentence;

    public function __construct(private OutputInterface $output)
    {
        $this->sentence = new Sentence();
    }

    public function write(Report $report, KitOnDay $stands): void
    {
        $this->say([...$this->headline($report), ...$this->away($stands), ...$this->holes($report), '']);
        $this->table($report);
        $this->say([...$this->remarks($report), '', '● covered  ◐ makeshift  ○ hole  ✕ faulty  ! one tool only, no backup']);
    }

    /** @param list<string> $rows */
    private function say(array $rows): void
    {
        $this->output->writeln($rows, OutputInterface::OUTPUT_RAW);
    }

    /** @return list<string> what does not count on the day that is asked about */
    private function away(KitOnDay $stands): array
    {
        return $stands->day === null ? [] : [
            'On ' . $stands->day . '.',
            ...array_map(fn(AssetStanding $away): string => 'not counted: ' . $away->asset->id . ', ' . $away->asset->tool->name . '. ' . $this->sentence->away($away->standing), $stands->away),
        ];
    }

    /** @return list<string> */
    private function headline(Report $report): array
    {
        $headline = $report->headline;
        $counts = sprintf('%s: %d covered, %d makeshift, %d in a hole, %d faulty', Words::counted($headline->terminations, 'termination'), $headline->covered, $headline->makeshift, $headline->hole, $headline->faulty);
        $share = $headline->share() === null ? '' : sprintf('; %d %% covered%s', (int) round(100 * $headline->share()), $headline->makeshiftCounts ? ', makeshift counted' : '');
        $missing = array_map(static fn(ToolKind $kind): string => Words::for('kind', $kind->value), $headline->carryMissing);

        return [
            $report->kit->of->name . ' × ' . $report->scope->name,
            $counts . $share . '.',
            ...$report->kit->worker === null ? [] : ['In the hands of ' . $report->kit->worker->name . '.'],
            ...$missing === [] ? [] : ['Every kit carries these, this one does not: ' . implode(', ', $missing) . '.'],
        ];
    }

    /** @return list<string> */
    private function holes(Report $report): array
    {
        $rows = [];
        foreach ($report->holes as $hole) {
            $rows[] = sprintf('○ %s, %s: %s', $hole->operation->value, Words::counted($hole->quantity(), 'termination'), implode(', ', array_map(static fn(Line $line): string => $line->id, $hole->lines)));
            $rows[] = '    wanted   ' . $this->sentence->wanted($hole->wanted);
            $rows[] = '    nearest  ' . $this->nearest($hole);
        }

        return $rows === [] ? [] : ['', ...$rows];
    }

    private function nearest(Hole $hole): string
    {
        return $hole->nearest === null
            ? 'no tool of the kit does this at all'
            : $hole->nearest->tool->name . ': ' . $this->amiss($hole->nearest->reasons);
    }

    private function table(Report $report): void
    {
        $operations = [];
        foreach ($report->lines as $line) {
            foreach ($line->steps as $cover) {
                $operations[$cover->step->operation->value] = $cover->step->operation;
            }
        }
        uasort($operations, static fn($one, $other): int => array_search($one, $one::cases(), true) <=> array_search($other, $one::cases(), true));
        $columns = array_keys($operations);
        $drawn = new BufferedOutput();
        $style = (new TableStyle())->setHorizontalBorderChars('')->setVerticalBorderChars('')->setDefaultCrossingChar('')
            ->setCellHeaderFormat('%s')->setCellRowFormat('%s')->setCellRowContentFormat('%s  ');
        $table = (new Table($drawn))->setStyle($style)->setHeaders(['', 'line', 'quantity', ...$columns])
            ->setColumnStyle(2, (clone $style)->setPadType(STR_PAD_LEFT));
        foreach ($report->lines as $line) {
            $cells = [self::dot($line->status), $line->line->id, (string) $line->line->quantity, ...array_map(static fn(string $operation): string => self::cell($line, $operation), $columns)];
            $table->addRow(array_map(OutputFormatter::escape(...), $cells));
        }
        $table->render();
        $this->say(array_map(rtrim(...), explode("\n", rtrim($drawn->fetch()))));
    }

    private static function cell(LineCover $line, string $operation): string
    {
        $cells = [];
        foreach ($line->steps as $cover) {
            if ($cover->step->operation->value === $operation) {
                $cells[] = self::dot($cover->status) . self::tool($cover) . ($cover->unbacked ? ' !' : '');
            }
        }

        return implode('  ', array_unique($cells));
    }

    private static function tool(StepCover $cover): string
    {
        if ($cover->chosen === null) {
            return '';
        }

        return ' ' . $cover->chosen->tool->id . ($cover->chosen->position() === null ? '' : ' [' . $cover->chosen->position() . ']');
    }

    /** @return list<string> what is not as it should be, line by line */
    private function remarks(Report $report): array
    {
        $rows = [];
        foreach ($report->lines as $line) {
            $checks = array_map(fn(Reason $check): string => self::dotOf($check->fit) . ' ' . $this->sentence->of($check), $line->checks);
            $steps = [];
            foreach ($line->steps as $cover) {
                if ($cover->chosen?->fit() === Fit::Makeshift) {
                    $steps[] = '◐ ' . $cover->step->operation->value . ' with ' . $cover->chosen->tool->name . ': ' . $this->amiss($cover->chosen->reasons);
                }
                if ($cover->supervised !== null) {
                    $steps[] = '◐ ' . $cover->step->operation->value . ': ' . $this->sentence->of($cover->supervised);
                }
            }
            $said = array_unique([...$checks, ...$steps]);
            if ($said !== []) {
                $rows = [...$rows, $line->line->id, ...array_map(static fn(string $text): string => '    ' . $text, $said)];
            }
        }

        return $rows === [] ? [] : ['', ...$rows];
    }

    /** @param list<Reason> $reasons */
    private function amiss(array $reasons): string
    {
        $worst = array_filter($reasons, static fn(Reason $reason): bool => $reason->fit !== Fit::Proper);

        return implode(' ', array_map($this->sentence->of(...), $worst));
    }

    /** Shapes for status, as everywhere. */
    public static function dot(Status $status): string
    {
        return match ($status) {
            Status::Covered => '●',
            Status::Makeshift => '◐',
            Status::Hole => '○',
            Status::Faulty => '✕',
        };
    }

    private static function dotOf(Fit $fit): string
    {
        return self::dot($fit === Fit::Unsuitable ? Status::Faulty : Status::ofBest($fit));
    }
}
