<?php

declare(strict_types=1);

namespace Gondrik\Core\Gauge;

/** What comes over the line from a gauge, cut into lines: whatever comes, it keeps little of it. */
final class GaugeText
{
    /** Letters; no line is as long. */
    private const LONGEST = 120;

    /** Letters in one second; a gauge says a twentieth of it. */
    private const MOST = 20_000;

    private string $rest = '';

    private bool $isTooLong = false;

    private int $second = 0;

    private int $letters = 0;

    /**
     * @param string $bytes as they came
     * @param float  $now   seconds
     *
     * @return list<GaugeLine|null> null for each line that is none; of what has begun the next call goes on
     */
    public function hear(string $bytes, float $now): array
    {
        if ((int) $now !== $this->second) {
            [$this->second, $this->letters] = [(int) $now, 0];
        }
        $this->letters += strlen($bytes);
        $lines = [];
        foreach (explode("\n", $bytes) as $at => $piece) {
            if ($at > 0) {
                $lines[] = $this->isTooLong ? null : GaugeLine::read(rtrim($this->rest, "\r"));
                [$this->rest, $this->isTooLong] = ['', false];
            }
            if ($this->isTooLong || strlen($this->rest) + strlen($piece) > self::LONGEST) {
                [$this->rest, $this->isTooLong] = ['', true];
            } else {
                $this->rest .= $piece;
            }
        }

        return $lines;
    }

    /** Far more comes than any gauge says. */
    public function isFlooded(): bool
    {
        return $this->letters > self::MOST;
    }
}
