<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

/**
 * One pull on a gauge, from arming it to its peak: what the gauge says becomes events, and whatever goes wrong ends it with a fault. A reading
 * of another pull is never one of this, and a peak that does not fit what was read is not taken.
 */
final class PullTest
{
    /** Seconds: a gauge that is there says something each second. */
    private const SILENCE = 3.0;

    /** Seconds until nobody pulls any more, and from the first reading until nobody believes in a peak. */
    private const PATIENCE = 90.0;
    private const LONGEST = 60.0;

    /** Lines that cannot be read, of those in one pull, before none is believed. */
    private const MOST_GARBLED = 0.5;
    private const FEWEST_LINES = 10;

    private bool $isEnded = false;

    private bool $isReady = false;

    private ?Force $highest = null;

    private int $readings = 0;

    private int $garbled = 0;

    private float $heard;

    private ?float $pulling = null;

    /**
     * @param string $name     of the test, as the gauge is told it: letters, digits and hyphens
     * @param float  $capacity N, the most that the gauge measures
     * @param float  $began    seconds
     */
    public function __construct(public readonly string $name, private readonly float $capacity, private readonly float $began)
    {
        $this->heard = $began;
    }

    public function isEnded(): bool
    {
        return $this->isEnded;
    }

    /**
     * @param GaugeLine|null $line null for one that cannot be read
     * @param float          $now  seconds
     *
     * @return list<PullEvent>
     */
    public function hear(?GaugeLine $line, float $now): array
    {
        if ($this->isEnded) {
            return [];
        }
        if ($line === null) {
            return $this->garble();
        }
        $this->heard = $now;

        return match (true) {
            $line->word === GaugeWord::Gauge, ($line->members[0] ?? null) !== $this->name => [],
            $line->word === GaugeWord::Ready => $this->ready(),
            $line->word === GaugeWord::Read => $this->read($line),
            $line->word === GaugeWord::Peak => $this->peak($line),
            $line->word === GaugeWord::Error => $this->end(GaugeFault::Error, $line->members[1]),
            default => [],
        };
    }

    /** @return list<PullEvent> what time alone brings */
    public function pass(float $now): array
    {
        return match (true) {
            $this->isEnded => [],
            $now - $this->heard > self::SILENCE => $this->end(GaugeFault::Silent),
            $this->pulling === null && $now - $this->began > self::PATIENCE => $this->end(GaugeFault::NotPulled),
            $this->pulling !== null && $now - $this->pulling > self::LONGEST => $this->end(GaugeFault::Endless),
            default => [],
        };
    }

    /** @return list<PullEvent> */
    public function end(GaugeFault $fault, ?string $said = null): array
    {
        if ($this->isEnded) {
            return [];
        }
        $this->isEnded = true;

        return [PullEvent::fault($fault, $this->highest, $said)];
    }

    /** @return list<PullEvent> */
    private function ready(): array
    {
        if ($this->isReady) {
            return [];
        }
        $this->isReady = true;

        return [PullEvent::ready()];
    }

    /** @return list<PullEvent> */
    private function read(GaugeLine $line): array
    {
        [, $number, $unit, $at] = $line->members;
        $force = Force::read($number, $unit);
        if ($force === null) {
            return GaugeUnit::tryFrom($unit) === null ? $this->end(GaugeFault::Unit, $unit) : $this->garble();
        }
        if ($force->newtons > $this->capacity) {
            return $this->end(GaugeFault::Overload, $force->text);
        }
        $this->readings++;
        $this->pulling ??= $this->heard;
        $this->highest = $this->highest === null || $force->newtons > $this->highest->newtons ? $force : $this->highest;

        return [PullEvent::reading($force, (float) $at)];
    }

    /** @return list<PullEvent> */
    private function peak(GaugeLine $line): array
    {
        [, $number, $unit, $at, $sent] = $line->members;
        $force = Force::read($number, $unit);
        $fault = match (true) {
            GaugeUnit::tryFrom($unit) === null => GaugeFault::Unit,
            $force === null => GaugeFault::NoForce,
            $force->newtons <= 0.0 => GaugeFault::NoForce,
            $force->newtons > $this->capacity => GaugeFault::Overload,
            $this->highest !== null && $force->newtons < $this->highest->newtons => GaugeFault::Disagrees,
            default => null,
        };
        if ($fault !== null) {
            return $this->end($fault, $number . ' ' . $unit);
        }
        $this->isEnded = true;

        return [PullEvent::peak($force, (float) $at, max(0, (int) $sent - $this->readings))];
    }

    /** @return list<PullEvent> */
    private function garble(): array
    {
        $this->garbled++;
        $lines = $this->garbled + $this->readings;

        return $lines >= self::FEWEST_LINES && $this->garbled > self::MOST_GARBLED * $lines ? $this->end(GaugeFault::Garbled) : [];
    }
}
