<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Coverage\Headline;
use Gondrik\Core\Coverage\Hole;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\MatrixCell;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;
use Gondrik\Core\Workbook\ObjectCodec;

/** A report as plain data, for the API and the command line alike. */
final class ReportWriter
{
    private readonly Sentence $sentence;

    /** @var array<int, array{ToolMatch, list<array<string, mixed>>}> equal works share their match, so its reasons are written once */
    private array $reasons = [];

    /** @var array<int, array{StepCover, array<string, mixed>}> and lines of equal work share their steps */
    private array $steps = [];

    /**
     * @param (\Closure(StepCover): ?list<ToolMatch>)|null $others      the tools not chosen; null for steps that do not want them told
     * @param bool                                         $tellsAssets of each step which things of the chosen tool count: asked of a day
     */
    public function __construct(Units $units = new Units(), private readonly ?\Closure $others = null, private readonly bool $tellsAssets = false)
    {
        $this->sentence = new Sentence($units);
    }

    /** @return array<string, mixed> */
    public function report(Report $report): array
    {
        return [
            'kit' => $report->kit->of->id,
            'scope' => $report->scope->id,
            'headline' => self::headline($report->headline),
            'lines' => array_map($this->line(...), $report->lines),
            'holes' => array_map($this->hole(...), $report->holes),
        ];
    }

    /** @return array<string, mixed> */
    public static function headline(Headline $headline): array
    {
        return [
            'terminations' => $headline->terminations,
            'covered' => $headline->covered,
            'makeshift' => $headline->makeshift,
            'hole' => $headline->hole,
            'faulty' => $headline->faulty,
            'share' => $headline->share(),
            'makeshiftCounts' => $headline->makeshiftCounts,
            'carryMissing' => array_map(static fn(ToolKind $kind): string => $kind->value, $headline->carryMissing),
        ];
    }

    /** @return array<string, mixed> */
    public static function cell(MatrixCell $cell): array
    {
        return ['kit' => $cell->kit->id, 'scope' => $cell->scope->id, 'headline' => self::headline($cell->headline), 'holes' => $cell->holes];
    }

    /** @return array<string, mixed> one tool against one step */
    public function match(ToolMatch $match): array
    {
        return [
            'tool' => $match->tool->id,
            'fit' => $match->fit()->value,
            'position' => $match->position(),
            'reasons' => $this->reasons($match),
        ];
    }

    /** @return array<string, mixed> */
    private function line(LineCover $cover): array
    {
        $steps = [];
        foreach ($cover->steps as $step) {
            // The object is kept beside what was written of it, so that its id stays its own.
            $steps[] = ($this->steps[spl_object_id($step)] ??= [$step, $this->step($step)])[1];
        }

        return ['id' => $cover->line->id, 'status' => $cover->status->value, 'checks' => $this->checks($cover), 'steps' => $steps];
    }

    /** @return list<array<string, mixed>> what is to be said of the line itself */
    public function checks(LineCover $cover): array
    {
        // Loops, since a closure for each of a thousand lines costs more than what it does.
        $checks = [];
        foreach ($cover->checks as $check) {
            $checks[] = $this->check($check, $cover->line);
        }

        return $checks;
    }

    /** @return array<string, mixed> of a splice the sentence says which of its wires it is about */
    private function check(Reason $check, Line $line): array
    {
        $written = $this->reason($check);
        foreach (count($line->ends) > 1 ? $line->ends : [] as $end) {
            if ($end->wire->id === $check->wire) {
                return [...$written, 'text' => $end->wire->name . ': ' . $written['text']];
            }
        }

        return $written;
    }

    /** @return array<string, mixed> */
    private function step(StepCover $cover): array
    {
        $step = [
            'op' => $cover->step->operation->value,
            'wire' => $cover->step->wire()?->id,
            'status' => $cover->status->value,
            'tool' => $cover->chosen?->tool->id,
            'position' => $cover->chosen?->position(),
            'unbacked' => $cover->unbacked,
            'reasons' => [...$cover->chosen === null ? [] : $this->reasons($cover->chosen), ...$cover->supervised === null ? [] : [$this->reason($cover->supervised)]],
            ...$this->tellsAssets ? ['assets' => $cover->chosen->part->assets ?? []] : [],
        ];
        $others = $this->others === null ? null : ($this->others)($cover);

        return $others === null ? $step : [...$step, 'others' => array_map($this->match(...), $others)];
    }

    /** @return list<array<string, mixed>> */
    private function reasons(ToolMatch $match): array
    {
        return ($this->reasons[spl_object_id($match)] ??= [$match, array_map($this->reason(...), $match->reasons)])[1];
    }

    /** @return array<string, mixed> numbers stand apart, so that none can take the place of a code */
    private function reason(Reason $reason): array
    {
        $written = ['code' => $reason->code->value, 'fit' => $reason->fit->value];
        if ($reason->wire !== null) {
            $written['wire'] = $reason->wire;
        }
        if ($reason->numbers !== []) {
            $written['numbers'] = $reason->numbers;
        }
        if ($reason->rule !== null) {
            $written['rule'] = $reason->rule->value;
        }
        $written['text'] = $this->sentence->of($reason);

        return $written;
    }

    /** @return array<string, mixed> */
    private function hole(Hole $hole): array
    {
        return [
            'op' => $hole->operation->value,
            'name' => $this->sentence->hole($hole->wanted),
            'lines' => array_map(static fn(Line $line): string => $line->id, $hole->lines),
            'wires' => $hole->wires(),
            'quantity' => $hole->quantity(),
            'wanted' => $this->wanted($hole->wanted),
            'nearest' => $hole->nearest === null ? null : $this->match($hole->nearest),
        ];
    }

    /** @return array<string, mixed> the members of the capability that would do, what the lines ask of its tool, and a sentence */
    private function wanted(Wanted $wanted): array
    {
        $asked = $wanted->asked;

        return [
            ...$wanted->members ?? array_diff_key(get_object_vars((new ObjectCodec())->write($wanted->capability)), ['op' => null]),
            ...$asked->compact ? ['compact' => true] : [],
            ...$asked->oneHanded ? ['oneHanded' => true] : [],
            ...$asked->noMains ? ['energy' => $wanted->energy()->value] : [],
            ...$asked->travels ? ['inPlaceOnly' => false] : [],
            'text' => $this->sentence->wanted($wanted),
        ];
    }
}
