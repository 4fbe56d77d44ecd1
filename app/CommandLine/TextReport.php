<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Coverage\Hole;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Wording\WantedSentence;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\ToolKind;

/** A report for people at a terminal: the holes first, then a row for each line with a dot for each step. */
final readonly class TextReport
{
    private Sentence $sentence;

    public function __construct()
    {
        $this->sentence = new Sentence();
    }

    public function of(Report $report): string
    {
        return implode("\n", array_merge(
            $this->headline($report),
            $this->holes($report),
            $this->table($report),
            $this->remarks($report),
            ['', '● covered  ◐ makeshift  ○ hole  ✕ faulty  ! one tool only, no backup'],
        ));
    }

    /** @return list<string> */
    private function headline(Report $report): array
    {
        $headline = $report->headline;
        $counts = sprintf('%d terminations: %d covered, %d makeshift, %d in a hole, %d faulty', $headline->terminations, $headline->covered, $headline->makeshift, $headline->hole, $headline->faulty);
        $share = $headline->share() === null ? '' : sprintf('; %d %% covered%s', (int) round(100 * $headline->share()), $headline->makeshiftCounts ? ', makeshift counted' : '');
        $missing = array_map(static fn(ToolKind $kind): string => $kind->value, $headline->carryMissing);

        return [
            $report->kit->name . ' × ' . $report->scope->name,
            $counts . $share . '.',
            ...$missing === [] ? [] : ['Every kit carries these, this one does not: ' . implode(', ', $missing) . '.'],
        ];
    }

    /** @return list<string> */
    private function holes(Report $report): array
    {
        $rows = [];
        foreach ($report->holes as $hole) {
            $rows[] = sprintf('○ %s, %d termination%s: %s', $hole->operation()->value, $hole->quantity(), $hole->quantity() === 1 ? '' : 's', implode(', ', array_map(static fn(Line $line): string => $line->id, $hole->lines())));
            $rows[] = '    wanted   ' . (new WantedSentence())->of($hole->wanted);
            $rows[] = '    nearest  ' . $this->nearest($hole);
        }

        return $rows === [] ? [] : ['', ...$rows];
    }

    private function nearest(Hole $hole): string
    {
        if ($hole->nearest === null) {
            return 'no tool of the kit does this at all';
        }

        return $hole->nearest->tool->name . ': ' . $this->amiss($hole->nearest->answer->reasons);
    }

    /** @return list<string> */
    private function table(Report $report): array
    {
        $operations = [];
        foreach ($report->lines as $line) {
            foreach ($line->steps as $cover) {
                $operations[$cover->step->operation->value] = $cover->step->operation;
            }
        }
        uasort($operations, static fn($one, $other): int => array_search($one, $one::cases(), true) <=> array_search($other, $one::cases(), true));
        $columns = array_keys($operations);
        /** @var non-empty-list<list<string>> $rows */
        $rows = [['', 'line', 'quantity', ...$columns]];
        foreach ($report->lines as $line) {
            $rows[] = [self::dot($line->status), $line->line->id, (string) $line->line->quantity, ...array_map(static fn(string $operation): string => self::cell($line, $operation), $columns)];
        }
        /** @var array<int, int> $widths */
        $widths = [];
        foreach ($rows as $row) {
            foreach ($row as $column => $text) {
                $widths[$column] = max($widths[$column] ?? 0, mb_strwidth($text));
            }
        }

        return ['', ...array_map(static fn(array $row): string => rtrim(implode('  ', array_map(
            static fn(string $text, int $column): string => $column === 2 ? self::pad($text, $widths[$column], STR_PAD_LEFT) : self::pad($text, $widths[$column]),
            $row,
            array_keys($row),
        ))), $rows)];
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

        return ' ' . $cover->chosen->tool->id . ($cover->chosen->answer->position === null ? '' : ' [' . $cover->chosen->answer->position . ']');
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
                    $steps[] = '◐ ' . $cover->step->operation->value . ' with ' . $cover->chosen->tool->name . ': ' . $this->amiss($cover->chosen->answer->reasons);
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

    private static function dot(Status $status): string
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

    private static function pad(string $text, int $width, int $side = STR_PAD_RIGHT): string
    {
        $room = str_repeat(' ', max(0, $width - mb_strwidth($text)));

        return $side === STR_PAD_LEFT ? $room . $text : $text . $room;
    }
}
