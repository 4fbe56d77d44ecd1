<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Coverage\Hole;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Coverage\Wanted;
use Gondrik\Core\Coverage\WantedSentence;
use Gondrik\Core\Match\Answer;
use Gondrik\Core\Match\LengthUnit;
use Gondrik\Core\Match\Reason;
use Gondrik\Core\Match\Sentence;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Nest;
use Gondrik\Core\Tool\Profile;
use Gondrik\Core\Tool\ToolKind;

/** A report as plain data, for the API and the command line alike. */
final class ReportWriter
{
    private readonly Sentence $sentence;

    private readonly WantedSentence $wantedSentence;

    /** @var \SplObjectStorage<Answer, list<array<string, mixed>>> distinct steps share their answers, so each is written once */
    private \SplObjectStorage $written;

    /** @param (\Closure(StepCover): ?list<ToolMatch>)|null $others the tools not chosen; null for steps that do not want them told */
    public function __construct(LengthUnit $length = LengthUnit::Millimetre, private readonly ?\Closure $others = null)
    {
        $this->sentence = new Sentence($length);
        $this->wantedSentence = new WantedSentence($length);
        $this->written = new \SplObjectStorage();
    }

    /** @return array<string, mixed> */
    public function report(Report $report): array
    {
        $headline = $report->headline;

        return [
            'kit' => $report->kit->id,
            'scope' => $report->scope->id,
            'headline' => [
                'terminations' => $headline->terminations,
                'covered' => $headline->covered,
                'makeshift' => $headline->makeshift,
                'hole' => $headline->hole,
                'faulty' => $headline->faulty,
                'share' => $headline->share(),
                'makeshiftCounts' => $headline->makeshiftCounts,
                'carryMissing' => array_map(static fn(ToolKind $kind): string => $kind->value, $headline->carryMissing),
            ],
            'lines' => array_map($this->line(...), $report->lines),
            'holes' => array_map($this->hole(...), $report->holes),
        ];
    }

    /** @return array<string, mixed> one tool against one step */
    public function match(ToolMatch $match): array
    {
        return [
            'tool' => $match->tool->id,
            'fit' => $match->fit()->value,
            'position' => $match->answer->position,
            'reasons' => $this->answer($match->answer),
        ];
    }

    /** @return array<string, mixed> */
    private function line(LineCover $cover): array
    {
        return [
            'id' => $cover->line->id,
            'status' => $cover->status->value,
            'checks' => array_map($this->reason(...), $cover->checks),
            'steps' => array_map($this->step(...), $cover->steps),
        ];
    }

    /** @return array<string, mixed> */
    private function step(StepCover $cover): array
    {
        $step = [
            'op' => $cover->step->operation->value,
            'wire' => $cover->step->wire?->id,
            'status' => $cover->status->value,
            'tool' => $cover->chosen?->tool->id,
            'position' => $cover->chosen?->answer->position,
            'unbacked' => $cover->unbacked,
            'reasons' => $cover->chosen === null ? [] : $this->answer($cover->chosen->answer),
        ];
        $others = $this->others === null ? null : ($this->others)($cover);

        return $others === null ? $step : [...$step, 'others' => array_map($this->match(...), $others)];
    }

    /** @return list<array<string, mixed>> */
    private function answer(Answer $answer): array
    {
        if (!$this->written->contains($answer)) {
            $this->written[$answer] = array_map($this->reason(...), $answer->reasons);
        }

        return $this->written[$answer];
    }

    /** @return array<string, mixed> */
    private function reason(Reason $reason): array
    {
        return [
            'code' => $reason->code->value,
            'fit' => $reason->fit->value,
            ...$reason->numbers,
            ...$reason->rule === null ? [] : ['rule' => $reason->rule],
            'text' => $this->sentence->of($reason),
        ];
    }

    /** @return array<string, mixed> */
    private function hole(Hole $hole): array
    {
        return [
            'op' => $hole->operation()->value,
            'lines' => array_map(static fn(Line $line): string => $line->id, $hole->lines()),
            'wires' => array_values(array_unique(array_filter(array_map(static fn(Step $step): ?string => $step->wire?->id, $hole->steps)))),
            'quantity' => $hole->quantity(),
            'wanted' => $this->wanted($hole->wanted),
            'nearest' => $hole->nearest === null ? null : $this->match($hole->nearest),
        ];
    }

    /** @return array<string, mixed> the members of the capability that would do, and a sentence */
    private function wanted(Wanted $wanted): array
    {
        $members = get_object_vars((new ObjectCodec())->write($wanted->capability));
        unset($members['op']);
        if ($wanted->capability instanceof Crimp) {
            $nests = $wanted->capability->nests;
            $codes = array_values(array_filter(array_map(static fn(Nest $nest): ?string => $nest->code, $nests)));
            $nest = get_object_vars((new ObjectCodec())->write($nests[0]));
            $members = [
                'class' => $wanted->class?->value,
                'profiles' => array_map(static fn(Profile $profile): string => $profile->value, $wanted->profiles),
                'control' => $wanted->capability->control->value,
                'codes' => $codes,
                ...array_diff_key($nest, ['label' => 0, 'code' => 0]),
            ];
        }

        return [
            ...$members,
            ...$wanted->compact ? ['compact' => true] : [],
            ...$wanted->withoutMains ? ['mains' => false] : [],
            'text' => $this->wantedSentence->of($wanted),
        ];
    }
}
