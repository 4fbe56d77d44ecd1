<?php

declare(strict_types=1);

namespace Gondrik\Core\Skill;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Log\Level;
use Gondrik\Core\Log\Practised;
use Gondrik\Core\Log\SkillTold;
use Gondrik\Core\Value\Day;

/** How far a person has come with one skill on a day. */
final readonly class SkillOnDay
{
    /** Tries that are looked at before somebody may ask to be signed off, and what share of them must be good. */
    private const LAST = 10;
    private const GOOD = 0.9;

    private function __construct(
        public string $skill,
        /** Never withdrawn, which is as good as shown; null after the person's last day. */
        public ?Level $level,
        /** The first day of it. */
        public ?Day $since,
        /** The last day of a sign-off; null where it has none. */
        public ?Day $until,
        /** The last day of a sign-off that has gone, until something else is told of the skill; else null. */
        public ?Day $lapsed,
        public int $tries,
        public int $good,
        /** The share that was good of the latest practice that together reaches ten tries; null below ten. */
        public ?float $lastTen,
        /** Enough was practised, and enough of it was good, to ask to be signed off. */
        public bool $mayAsk,
    ) {}

    /**
     * @param non-empty-list<SkillTold|Practised> $entries about the person and the skill, by that day, in the order of days
     * @param int                                 $pieces  that are practised before anybody asks
     */
    public static function of(Person $person, array $entries, Day $day, int $pieces): self
    {
        $practice = array_values(array_filter($entries, static fn(SkillTold|Practised $entry): bool => $entry instanceof Practised));
        $tries = array_sum(array_map(static fn(Practised $one): int => $one->tries, $practice));
        $lastTen = self::lastTen($practice);
        $isGone = $person->until !== null && $day->isAfter($person->until);
        [$level, $since, $until, $lapsed] = $isGone ? [null, null, null, null] : self::level($entries, $day);

        return new self(
            $entries[0]->skill->name,
            $level,
            $since,
            $until,
            $lapsed,
            $tries,
            array_sum(array_map(static fn(Practised $one): int => $one->good, $practice)),
            $lastTen,
            !$isGone && $level !== Level::SignedOff && $tries >= $pieces && $lastTen !== null && $lastTen >= self::GOOD,
        );
    }

    /**
     * @param non-empty-list<SkillTold|Practised> $entries
     *
     * @return array{Level, Day, Day|null, Day|null} with its first day, the last of a sign-off, and the last of one that has gone
     */
    private static function level(array $entries, Day $day): array
    {
        $told = $practised = null;
        foreach ($entries as $entry) {
            if ($entry instanceof SkillTold) {
                [$told, $practised] = [$entry, null];
            } else {
                $practised ??= $entry->on;
            }
        }
        $isLapsed = $told?->level === Level::SignedOff && $told->until !== null && $day->isAfter($told->until);

        return match (true) {
            $isLapsed => [Level::Practised, $told->until->plus(1), null, $told->until],
            $told?->level === Level::SignedOff => [Level::SignedOff, $told->on, $told->until, null],
            $told?->level === Level::Practised => [Level::Practised, $told->on, null, null],
            $practised !== null => [Level::Practised, $practised, null, null],
            default => [Level::Shown, $entries[count($entries) - 1]->on, null, null],
        };
    }

    /** @param list<Practised> $practice */
    private static function lastTen(array $practice): ?float
    {
        $tries = $good = 0;
        foreach (array_reverse($practice) as $one) {
            $tries += $one->tries;
            $good += $one->good;
            if ($tries >= self::LAST) {
                return $good / $tries;
            }
        }

        return null;
    }
}
