<?php

declare(strict_types=1);

namespace App\Print;

use Gondrik\Core\Coverage\Hole;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Output\RulesWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Wording\LineName;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;
use Gondrik\Core\Wording\Words;

/**
 * What a kit covers of a scope on one A4 that can be hung up: the verdict, the holes with what would close each, the lines, and the house
 * rules by which it was judged. A long scope shows what is open, then what is makeshift, and says what it leaves out.
 */
final readonly class CoverSheet
{
    /** More lines than this have no room on any sheet. */
    public const LINES = 34;

    /** Holes that are told in words. */
    public const HOLES = 6;

    /** As on the screen: a shape for each status. */
    private const SHAPES = ['covered' => '●', 'makeshift' => '◐', 'hole' => '○', 'faulty' => '✕'];

    private Sentence $sentence;

    public function __construct(private Report $report, Units $units)
    {
        $this->sentence = new Sentence($units);
    }

    /**
     * @param int $most lines that stand on it: all of them where there are no more, else what is open first
     *
     * @return array{verdict: string, counts: string, holes: list<array{does: string, terminations: int, wanted: string}>, moreHoles: int, rows: list<array{shape: string, open: bool, line: string, says: string}>, left: string, rules: list<array{question: string, words: string}>, standard: string}
     */
    public function data(int $most): array
    {
        $rules = (new RulesWriter())->differing($this->report->rules, new HouseRules());
        $lines = $this->report->lines;
        $shown = count($lines) <= $most ? $lines : array_slice([...self::of($lines, Status::Faulty), ...self::of($lines, Status::Hole), ...self::of($lines, Status::Makeshift), ...self::of($lines, Status::Covered)], 0, $most);

        return [
            'verdict' => $this->verdict(),
            'counts' => $this->counts(),
            'holes' => $this->holes(),
            'moreHoles' => max(0, count($this->report->holes) - self::HOLES),
            'rows' => array_map($this->row(...), $shown),
            'left' => $this->left($lines, $shown),
            'rules' => array_map(static fn(array $rule): array => ['question' => $rule['question'], 'words' => $rule['words']], $rules),
            'standard' => (new RulesWriter())->answers($this->report->rules)['pullStandard']['words'],
        ];
    }

    /** @return list<array{does: string, terminations: int, wanted: string}> the first of them */
    private function holes(): array
    {
        return array_map($this->hole(...), array_slice($this->report->holes, 0, self::HOLES));
    }

    private function verdict(): string
    {
        $headline = $this->report->headline;
        $open = $headline->hole + $headline->faulty;
        if ($open === 0) {
            return $headline->terminations === 0 ? 'The scope has no lines.' : 'All ' . $headline->terminations . ' terminations can be made.';
        }
        $holes = count($this->report->holes);
        $faulty = count(self::of($this->report->lines, Status::Faulty));
        $what = array_filter([$holes > 0 ? Words::counted($holes, 'hole') : '', $faulty > 0 ? Words::counted($faulty, 'faulty line') : '']);

        return implode(' and ', $what) . ': ' . $open . ' of ' . $headline->terminations . ' terminations cannot be made.';
    }

    private function counts(): string
    {
        $headline = $this->report->headline;
        $share = $headline->share();
        $parts = [];
        foreach (['covered' => $headline->covered, 'makeshift' => $headline->makeshift, 'hole' => $headline->hole, 'faulty' => $headline->faulty] as $status => $count) {
            $parts[] = self::SHAPES[$status] . ' ' . $count . ' ' . $status;
        }
        $lacking = array_map(static fn(\BackedEnum $kind): string => Words::for('kind', (string) $kind->value), $headline->carryMissing);

        return implode(' · ', [
            ...$parts,
            ...$share === null ? [] : [round(100 * $share) . ' % made' . ($headline->makeshiftCounts ? ', makeshift counted' : '')],
            ...$lacking === [] ? [] : ['not in the kit: ' . implode(', ', $lacking)],
        ]);
    }

    /** @return array{does: string, terminations: int, wanted: string} */
    private function hole(Hole $hole): array
    {
        return ['does' => $this->sentence->hole($hole->wanted), 'terminations' => $hole->quantity(), 'wanted' => $this->sentence->wanted($hole->wanted)];
    }

    /** @return array{shape: string, open: bool, line: string, says: string} */
    private function row(LineCover $cover): array
    {
        return [
            'shape' => self::SHAPES[$cover->status->value],
            'open' => in_array($cover->status, [Status::Hole, Status::Faulty], true),
            'line' => LineName::of($cover->line),
            'says' => $this->says($cover),
        ];
    }

    /** What is wrong with it, what it lacks or what makes it makeshift; of a covered one the tools, in the order of work. */
    private function says(LineCover $cover): string
    {
        $checks = array_filter($cover->checks, static fn(object $check): bool => $check->fit !== Fit::Proper);
        $steps = array_filter($cover->steps, static fn(StepCover $step): bool => $step->status === $cover->status);
        $operations = implode(', ', array_unique(array_map(static fn(StepCover $step): string => Words::for('operation', $step->step->operation->value), $steps)));
        $tools = implode(', ', array_unique(array_filter(array_map(static fn(StepCover $step): string => $step->chosen->tool->name ?? '', $cover->steps))));

        return match ($cover->status) {
            Status::Faulty => implode(' ', array_map($this->sentence->of(...), $checks)),
            Status::Hole => 'No tool: ' . $operations,
            Status::Makeshift => $checks === [] ? 'Makeshift: ' . $operations : implode(' ', array_map($this->sentence->of(...), $checks)),
            Status::Covered => $tools,
        };
    }

    /**
     * @param list<LineCover> $lines
     * @param list<LineCover> $shown
     */
    private function left(array $lines, array $shown): string
    {
        $left = count($lines) - count($shown);
        if ($left === 0) {
            return '';
        }
        $open = count([...self::of($lines, Status::Hole), ...self::of($lines, Status::Faulty)]) - count([...self::of($shown, Status::Hole), ...self::of($shown, Status::Faulty)]);

        return Words::counted($left, 'more line') . ($open > 0 ? ', ' . $open . ' of them open' : ', none of them open') . '; all of them are on Cover, and in its table.';
    }

    /**
     * @param list<LineCover> $lines
     *
     * @return list<LineCover>
     */
    private static function of(array $lines, Status $status): array
    {
        return array_values(array_filter($lines, static fn(LineCover $cover): bool => $cover->status === $status));
    }
}
