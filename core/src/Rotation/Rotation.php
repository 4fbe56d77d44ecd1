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
    /** @var list<Slot> by when they begin, then by the people of the session */
    public array $slots;

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
        Exercise ...$exercises,
    ) {
        $slots = [];
        foreach ($work->turns ?? [] as $index => $turn) {
            $from = $shortest?->timetable->starts[$index] ?? 0;
            $slots[] = new Slot($session->people[$turn->person], $exercises[$turn->exercise]->id, $stations[$shortest?->timetable->stations[$index] ?? 0]->id, $this->minutes($from), $this->minutes($from + $turn->length));
        }
        $place = array_flip($session->people);
        usort($slots, static fn(Slot $one, Slot $other): int => [$one->from, $place[$one->person]] <=> [$other->from, $place[$other->person]]);
        $this->slots = $slots;
    }

    /**
     * @param list<Station>  $stations  of the session, in its order, each with somebody at a time at the least
     * @param list<Exercise> $exercises of the session, in its order, each with one of these stations
     * @param float          $seconds   for each question
     * @param list<string>   $more      ids of stations of which is asked what one place more is worth
     */
    public static function of(Session $session, array $stations, array $exercises, float $seconds, array $more = []): self
    {
        $ring = Ring::in($session, $exercises);
        if ($ring !== null) {
            return new self($session, $stations, $ring, null, null, []);
        }
        $work = ClassWork::of($session, $stations, $exercises);
        $at = array_flip(array_column($stations, 'id'));
        $worth = [];
        foreach ($more as $id) {
            $with = Shortest::of($work->withOneMore($at[$id]), $seconds);
            $worth[] = new OneMore($id, $work->tick * $with->timetable->length, $work->tick * $with->bound);
        }

        return new self($session, $stations, null, $work, Shortest::of($work, $seconds), $worth, ...$exercises);
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
        return $this->shortest === null ? null : $this->minutes($this->shortest->timetable->length);
    }

    /** No rotation is shorter. */
    public function bound(): ?int
    {
        return $this->shortest === null ? null : $this->minutes($this->shortest->bound);
    }

    /** Whether all is done when it is to be. */
    public function isInTime(): bool
    {
        $lasts = $this->session->lasts();

        return $this->length() !== null && ($lasts === null || $this->length() <= $lasts);
    }

    /** The end of somebody's last exercise; nought for who has none. */
    public function end(string $person): int
    {
        return max([0, ...array_map(static fn(Slot $slot): int => $slot->to, $this->slotsOf($person))]);
    }

    /** Minutes outside breaks, before his end, in which somebody does nothing. */
    public function idle(string $person): int
    {
        return $this->free($this->end($person)) - array_sum(array_map(static fn(Slot $slot): int => $slot->to - $slot->from, $this->slotsOf($person)));
    }

    /** Minutes of what is done at a station, of everybody. */
    public function busy(string $station): int
    {
        return array_sum(array_map(static fn(Slot $slot): int => $slot->station === $station ? $slot->to - $slot->from : 0, $this->slots));
    }

    /** The part of a station's time, outside breaks and until the end, in which it is used. */
    public function share(Station $station): float
    {
        $free = $this->free($this->length() ?? 0);

        return $free === 0 ? 0.0 : $this->busy($station->id) / ($station->capacity * $free);
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

    /** @return list<Slot> of one person, one after the other */
    public function slotsOf(string $person): array
    {
        return array_values(array_filter($this->slots, static fn(Slot $slot): bool => $slot->person === $person));
    }

    /** Minutes outside breaks until a time. */
    private function free(int $until): int
    {
        return $this->work === null ? 0 : $this->work->tick * $this->work->hours->free(0, intdiv($until, $this->work->tick));
    }

    private function minutes(int $ticks): int
    {
        return $ticks * ($this->work->tick ?? 0);
    }
}
