<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

use Gondrik\Core\Value\Deadline;

/**
 * A shortest timetable, and how it is known that there is no shorter one. By construction where all turns take as long (Rounds); else a
 * good one is made by putting turns in order (Improving), and what is shorter is looked for until there is none (Tree). Our own search and not
 * a general solver: a class is small, and who stands for whom is known here, which as a mixed integer program it is not.
 */
final readonly class Shortest
{
    /** Of the time: until is known what can be known without trying, until a good one is there, and until the proof is there or not. */
    private const KNOWN = 0.2;

    private const GOOD = 0.5;

    private const PROVEN = 0.8;

    private function __construct(
        public Timetable $timetable,
        /** Ticks that any timetable takes. */
        public int $bound,
        public ?Bottleneck $bottleneck,
    ) {}

    /** @param float $seconds all in all, above 0 */
    public static function of(ClassWork $work, float $seconds): self
    {
        $bounds = new Bounds($work);
        $bottleneck = $bounds->bottleneck();
        $begun = microtime(true);
        $until = static fn(float $share): Deadline => Deadline::in(max(0.0, $share * $seconds + $begun - microtime(true)));
        $bound = $bounds->least($until(self::KNOWN));
        $improving = new Improving($bounds, $bound);
        $timetable = Rounds::isOne($work) ? Rounds::of($work) : $improving->from(null, $until(self::GOOD), untilBound: true);
        [$timetable, $bound] = self::proven($bounds, $timetable, $bound, $until(self::PROVEN));

        return new self($improving->from($timetable, $until(1.0), untilBound: false), $bound, $bottleneck);
    }

    public function isProven(): bool
    {
        return $this->timetable->length === $this->bound;
    }

    /** @return array{Timetable, int} a shorter one where there is one, and the length below which there is none */
    private static function proven(Bounds $bounds, Timetable $timetable, int $bound, Deadline $deadline): array
    {
        while ($timetable->length > $bound && !$deadline->isOver()) {
            $tree = new Tree($bounds, $bound, $deadline);
            $shorter = $tree->search();
            if ($shorter !== null) {
                return [$shorter, $bound];
            }
            $bound += $tree->isWhole() ? 1 : 0;
        }

        return [$timetable, $bound];
    }
}
