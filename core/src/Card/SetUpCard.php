<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Pull;
use Gondrik\Core\Bench\SleeveChoice;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Match\Crimp\CrimpProfiles;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Profile;

/** Everything for one termination, in the order of work, from what Cover says of the line with this kit. */
final readonly class SetUpCard
{
    /**
     * @param list<CardStep> $steps    none for a faulty line
     * @param list<string>   $cautions codes
     */
    private function __construct(
        public Report $report,
        public LineCover $cover,
        public array $steps,
        /** Of the thinnest wire; null without a wire. */
        public ?Pull $pull,
        /** Null where no tube is slid on. */
        public ?SleeveChoice $sleeve,
        public LookList $look,
        public array $cautions,
    ) {}

    public static function of(Report $report, LineCover $cover): self
    {
        $line = $cover->line;
        $sleeve = SleeveOver::line($line);

        return new self(
            $report,
            $cover,
            $cover->status === Status::Faulty ? [] : (new CardMaker($cover, $report->rules, $sleeve))->steps(),
            self::pull($report, $cover),
            $sleeve,
            $line->terminal === null ? LookList::nothing() : LookList::of($line->terminal->class, self::profiles($cover)),
            Cautions::of($cover, $report->kit),
        );
    }

    /** Nothing of it is a hole, and nothing is wrong with the line. */
    public function isComplete(): bool
    {
        return $this->cover->status !== Status::Faulty && $this->cover->status !== Status::Hole;
    }

    /** @return list<Profile> of the crimpers that are taken; where none is, what would be right */
    private static function profiles(LineCover $cover): array
    {
        $profiles = [];
        foreach ($cover->steps as $step) {
            $capability = $step->chosen?->capability;
            if ($capability instanceof Crimp) {
                $profiles[] = $capability->profile;
            }
        }

        $terminal = $cover->line->terminal;

        return $profiles === [] && $terminal !== null ? array_slice(CrimpProfiles::wanted($terminal->class, $cover->line->joint->clamp), 0, 1) : $profiles;
    }

    private static function pull(Report $report, LineCover $cover): ?Pull
    {
        $class = $cover->line->terminal?->class;
        $thinnest = null;
        foreach ($cover->line->ends as $end) {
            $thinnest = $thinnest === null || $end->wire->size->area < $thinnest->area ? $end->wire->size : $thinnest;
        }

        return $thinnest === null || $class === null ? null : Pull::of($thinnest, $class, $report->rules->pullStandard);
    }
}
