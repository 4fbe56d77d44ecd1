<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

/** What has come of a pull: the last one of each is a peak or a fault. */
final readonly class PullEvent
{
    private function __construct(
        /** ready, reading, peak or fault. */
        public string $kind,
        /** Of a reading or a peak; of a fault the highest that was read before. */
        public ?Force $force = null,
        /** Seconds since the pull began, by the clock of the gauge. */
        public ?float $at = null,
        public ?GaugeFault $fault = null,
        /** What the gauge said, where it is what was wrong. */
        public ?string $said = null,
        /** Of a peak: readings that the gauge sent and that did not come across. */
        public int $lost = 0,
    ) {}

    public static function ready(): self
    {
        return new self('ready');
    }

    public static function reading(Force $force, float $at): self
    {
        return new self('reading', $force, $at);
    }

    public static function peak(Force $force, float $at, int $lost): self
    {
        return new self('peak', $force, $at, lost: $lost);
    }

    public static function fault(GaugeFault $fault, ?Force $highest = null, ?string $said = null): self
    {
        return new self('fault', $highest, fault: $fault, said: $said);
    }

    public function isLast(): bool
    {
        return $this->kind === 'peak' || $this->kind === 'fault';
    }
}
