<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Training\Station;

/**
 * Who of a class is when at which station: as short as can be, then with people done as soon as can be. All times in minutes from the
 * start.
 */
final readonly class Rotation
{
    public Course $course;

    /**
     * @param list<Station> $stations of the session, in its order
     * @param Ring|null     $ring     where there is no rotation
     * @param list<OneMore> $worth
     */
    private function __construct(
        public Session $session,
        public array $stations,
        public ?Ring $ring,
        private ?ClassWork $work,
        private ?Shortest $shortest,
        public array $worth,
        private ?Begun $begun,
        Exercise ...$exercises,
    ) {
        $slots = $begun->slots ?? [];
        foreach ($work->turns ?? [] as $index => $turn) {
            $from = $shortest?->timetable->starts[$index] ?? 0;
            $slots[] = new Slot($session->people[$turn->person], $exercises[$turn->exercise]->id, $stations[$shortest?->timetable->stations[$index] ?? 0]->id, $this->minutes($from), $this->minutes($from + $turn->length));
        }
        $this->course = new Course($session, ...$slots);
    }

    /**
     * @param list<Station>  $stations  of the session, in its order, each with somebody at a time at the least
     * @param list<Exercise> $exercises of the session, in its order, each with one of these stations
     * @param float          $seconds   for each question
     * @param list<string>   $more      ids of stations of which is asked what one place more is worth
     * @param int|null       $now       minutes from the start, from which on the timetable that the session keeps is planned anew; null: all of it
     */
    public static function of(Session $session, array $stations, array $exercises, float $seconds, array $more = [], ?int $now = null): self
    {
        $ring = Ring::in($session, $exercises);
        if ($ring !== null) {
            return new self($session, $stations, $ring, null, null, [], null);
        }
        $begun = $now === null ? null : Begun::at($session, $exercises, $now);
        $work = ClassWork::of($session, $stations, $exercises, $begun);

        return new self($session, $stations, null, $work, Shortest::of($work, $seconds), self::more($work, $stations, $seconds, $more, $begun), $begun, ...$exercises);
    }

    /**
     * What one place more at some stations is worth, each by itself; nothing where there is no rotation.
     *
     * @param list<Station>  $stations  of the session, in its order
     * @param list<Exercise> $exercises of the session, in its order
     * @param float          $seconds   for each
     * @param list<string>   $more      ids of stations
     *
     * @return list<OneMore>
     */
    public static function worth(Session $session, array $stations, array $exercises, float $seconds, array $more): array
    {
        return Ring::in($session, $exercises) === null ? self::more(ClassWork::of($session, $stations, $exercises), $stations, $seconds, $more, null) : [];
    }

    /**
     * @param list<Station> $stations
     * @param list<string>  $more
     *
     * @return list<OneMore>
     */
    private static function more(ClassWork $work, array $stations, float $seconds, array $more, ?Begun $begun): array
    {
        $at = array_flip(array_column($stations, 'id'));
        $end = $begun?->end() ?? 0;
        $worth = [];
        foreach ($more as $id) {
            $with = Shortest::of($work->withOneMore($at[$id]), $seconds);
            $worth[] = new OneMore($id, max($end, $work->tick * $with->timetable->length), max($end, $work->tick * $with->bound));
        }

        return $worth;
    }

    public function status(): RotationStatus
    {
        return match ($this->shortest?->isProven()) {
            null => RotationStatus::Impossible,
            true => RotationStatus::Optimal,
            false => RotationStatus::Feasible,
        };
    }

    /** Null where there is none. */
    public function length(): ?int
    {
        return $this->shortest === null ? null : $this->course->length();
    }

    /** No rotation is shorter. */
    public function bound(): ?int
    {
        return $this->shortest === null ? null : max($this->minutes($this->shortest->bound), $this->begun?->end() ?? 0);
    }

    /** Whether all is done when it is to be. */
    public function isInTime(): bool
    {
        $lasts = $this->session->lasts();

        return $this->length() !== null && ($lasts === null || $this->length() <= $lasts);
    }

    /** Minutes that what makes it last takes by itself; null where nothing is to be done. */
    public function bottleneckLength(): ?int
    {
        return $this->shortest?->bottleneck === null ? null : $this->minutes($this->shortest->bottleneck->length);
    }

    /** Id of the person who makes it last as long as it does; null where it is stations. */
    public function bottleneckPerson(): ?string
    {
        $person = $this->shortest?->bottleneck?->person;

        return $person === null ? null : $this->session->people[$person];
    }

    /** @return list<string> ids of the stations that make it last as long as it does; none where it is a person */
    public function bottleneckStations(): array
    {
        return array_map(fn(int $station): string => $this->stations[$station]->id, $this->shortest->bottleneck->stations ?? []);
    }

    private function minutes(int $ticks): int
    {
        return $ticks * ($this->work->tick ?? 0);
    }
}
