<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Condition;
use Gondrik\Core\Log\Back;
use Gondrik\Core\Log\Cleared;
use Gondrik\Core\Log\ConditionTold;
use Gondrik\Core\Log\Done;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\Moved;
use Gondrik\Core\Log\Out;
use Gondrik\Core\Log\Pulled;
use Gondrik\Core\Log\Result;
use Gondrik\Core\Proof\LastGood;
use Gondrik\Core\Proof\RequiredForce;
use Gondrik\Core\Proof\Watch;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Tool\Due;
use Gondrik\Core\Value\Day;

/** A thing and what has happened to it: folded up to a day, it says how the thing was on that day. */
final class AssetHistory
{
    /** @var list<Day>|null see turns() */
    private ?array $turns = null;

    /** @var array<int, AssetOnDay> by how many turns there were: between two of them it is the same */
    private array $states = [];

    /** @param list<Entry> $entries about it, in the order of days, as they stand (Log) */
    public function __construct(public readonly Asset $asset, private readonly array $entries, private readonly PullStandard $pullStandard) {}

    public function on(Day $day): AssetOnDay
    {
        $turns = count($this->turns());
        while ($turns > 0 && $this->turns()[$turns - 1]->isAfter($day)) {
            $turns--;
        }

        return $this->states[$turns] ??= $this->folded($day);
    }

    /**
     * When its pulls began to speak against it by that day, and when they last spoke for it.
     *
     * @return LastGood|null null as long as nothing speaks against it
     */
    public function lastGood(Day $day): ?LastGood
    {
        return LastGood::before(array_values(array_filter($this->entries, static fn(Entry $entry): bool => !$entry->on->isAfter($day))), $this->pullStandard);
    }

    /** Whether somebody has told how it is by then, or has proved it. */
    public function wasLookedAt(Day $day): bool
    {
        $looked = array_filter($this->entries, static fn(Entry $entry): bool => !$entry->on->isAfter($day) && ($entry instanceof ConditionTold || $entry instanceof Pulled || $entry instanceof Done));

        return $looked !== [];
    }

    private function folded(Day $day): AssetOnDay
    {
        $known = array_values(array_filter($this->entries, static fn(Entry $entry): bool => !$entry->on->isAfter($day)));
        $home = $this->asset->home;
        $movedOn = $out = $since = $pullUnder = null;
        $condition = Condition::Good;
        $cycles = $this->asset->cycles;
        foreach ($known as $entry) {
            if ($entry instanceof Moved) {
                $movedOn = $entry->to?->id === $home?->id ? $movedOn : $entry->on;
                $home = $entry->to;
            } elseif ($entry instanceof Out) {
                $out = $entry;
            } elseif ($entry instanceof Back) {
                $out = null;
            } elseif ($entry instanceof Pulled) {
                $pullUnder ??= RequiredForce::isMissedBy($entry, $this->pullStandard) ? $entry->on : null;
            } elseif ($entry instanceof Cleared) {
                $pullUnder = null;
            }
            $told = $entry instanceof Back || $entry instanceof ConditionTold ? $entry->condition : null;
            if ($told !== null) {
                $since = $told === $condition ? $since : $entry->on;
                $condition = $told;
            }
            $cycles = $entry->reading() ?? $cycles;
        }
        $dues = [];
        foreach ($this->asset->dues() as $due) {
            $dues[$due->kind->value] = $this->due($due, $known, $day);
        }

        $watched = $condition === Condition::Good ? Watch::since($known, $this->pullStandard) : null;
        if ($watched !== null) {
            [$condition, $since] = [Condition::Watch, $watched];
        }
        $isBought = $this->asset->bought === null || !$this->asset->bought->isAfter($day);

        return new AssetOnDay($this->asset, $isBought, $home, $movedOn, $out, $condition, $since, $cycles, $dues, $pullUnder, $watched);
    }

    /**
     * The days on which it may be otherwise than on the day before: those of its entries, the one on which it was bought, and those
     * after which something done holds no longer. Loans end by what is written, not by their due.
     *
     * @return list<Day> in their order, each once
     */
    public function turns(): array
    {
        return $this->turns ??= $this->days();
    }

    /** @return list<Day> */
    private function days(): array
    {
        $days = [];
        $add = static function (?Day $day) use (&$days): void {
            if ($day !== null) {
                $days[$day->number] = $day;
            }
        };
        $add($this->asset->bought);
        foreach ($this->entries as $entry) {
            $add($entry->on);
        }
        foreach ($this->asset->dues() as $due) {
            foreach ($due->days === null ? [] : [$this->asset->bought, ...$this->passed($due)] as $from) {
                $add($from?->plus($due->days + 1));
            }
        }
        ksort($days);

        return array_values($days);
    }

    /** @return list<Day> on which something due was done and passed */
    private function passed(Due $due): array
    {
        $passed = array_filter($this->entries, static fn(Entry $entry): bool => $entry instanceof Done && $entry->due === $due->kind && $entry->result === Result::Pass);

        return array_values(array_map(static fn(Entry $entry): Day => $entry->on, $passed));
    }

    /** @param list<Entry> $known up to the day */
    private function due(Due $due, array $known, Day $day): DueState
    {
        $done = $failed = $spent = null;
        $cycles = $start = $this->asset->cycles;
        foreach ($known as $entry) {
            $cycles = $entry->reading() ?? $cycles;
            $isDone = $entry instanceof Done && $entry->due === $due->kind;
            if ($isDone && $entry->result === Result::Fail) {
                $failed ??= $entry->on;
            } elseif ($isDone) {
                [$done, $failed, $spent, $start] = [$entry->on, null, null, $cycles];
            }
            if ($due->cycles !== null && $cycles - $start >= $due->cycles) {
                $spent ??= $entry->on;
            }
        }
        $from = $done ?? $this->asset->bought;
        $next = $due->days === null ? null : $from?->plus($due->days);
        $past = array_values(array_filter([$next !== null && $day->isAfter($next) ? $next->plus(1) : null, $spent]));
        usort($past, static fn(Day $one, Day $other): int => $one->number <=> $other->number);
        [$code, $since] = match (true) {
            $failed !== null => [AwayCode::DueFailed, $failed],
            $due->days !== null && $from === null => [AwayCode::DueNever, null],
            $past !== [] => [AwayCode::DuePast, $past[0]],
            default => [null, null],
        };

        return new DueState($due, $done, $next, $due->cycles === null ? null : max(0, $due->cycles - ($cycles - $start)), $code, $since);
    }
}
