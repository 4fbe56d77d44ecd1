<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Covering\Optimum;
use Gondrik\Core\Covering\Outcome;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Sleeve;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Value\Deadline;
use Gondrik\Core\Value\Invalid;

/**
 * Other terminals, and with them other methods, for lines that the kit cannot make: each by itself, with the least money for
 * tools that it takes. Nothing is exchanged here; somebody chooses.
 */
final readonly class Substitutes
{
    private const MOST_FOR_A_LINE = 5;

    /** Shapes of contacts that mate with their own series only (common practice). */
    private const OF_A_SERIES = ['pin', 'socket', 'contact'];

    private Deadline $deadline;

    /**
     * @param list<Terminal> $terminals in the order in which they are preferred
     * @param Deadline|null  $deadline  for somebody who no longer waits: what is told then is not all there is
     */
    public function __construct(private PlanQuestion $question, private array $terminals, ?Deadline $deadline = null)
    {
        $this->deadline = $deadline ?? Deadline::never();
    }

    /** @return list<LineOffers> the lines for which there is anything, in the order of the work */
    public function offers(): array
    {
        $offers = [];
        foreach ($this->question->scopes as $scope => $of) {
            foreach (Coverage::of($this->question->kit, $of->scope, $of->rules)->lines as $cover) {
                $terminal = $cover->line->terminal;
                if ($terminal === null || $this->counts($cover, $of)) {
                    continue;
                }
                $now = $cover->status === Status::Faulty ? null : $this->least($cover->line, $of)[0]?->worth->money;
                $found = array_values(array_filter($this->for($cover->line, $terminal, $of), static fn(Substitute $one): bool => $now === null || $one->cost() < $now));
                if ($found !== []) {
                    $offers[] = new LineOffers($cover->line, $scope, $now, array_slice($found, 0, self::MOST_FOR_A_LINE));
                }
            }
        }

        return $offers;
    }

    /** The line with another terminal: what went over a bare one is not wanted over one with its own sleeve, and the reverse. */
    public static function exchanged(Line $line, Terminal $terminal): Line
    {
        $hadOwn = self::isSleeved($line->terminal);
        $hasOwn = self::isSleeved($terminal);
        $sleeve = match (true) {
            $hasOwn && !$hadOwn && $line->joint->sleeve === Sleeve::Plain => null,
            !$hasOwn && $hadOwn && $terminal->class === TerminalClass::Bare && $line->joint->sleeve?->isTube() !== true => $line->surroundings->wet ? Sleeve::Lined : Sleeve::Plain,
            default => $line->joint->sleeve,
        };

        return $line->onto($terminal, $sleeve);
    }

    /** @return list<Substitute> the cheapest first */
    private function for(Line $line, Terminal $now, PlannedScope $of): array
    {
        $found = [];
        foreach ($this->terminals as $terminal) {
            if ($this->deadline->isOver()) {
                break;
            }
            if ($terminal->id === $now->id || !self::standsIn($terminal, $now, $line)) {
                continue;
            }
            try {
                $other = self::exchanged($line, $terminal);
            } catch (Invalid) {
                // A step by hand that this one cannot have.
                continue;
            }
            [$outcome, $model] = $this->least($other, $of);
            if ($outcome === null || $model === null) {
                continue;
            }
            $add = $model->ways($outcome->worth);
            $parts = $terminal->price === null || $now->price === null ? null : $line->quantity * ($terminal->price - $now->price);
            $after = Coverage::of($this->question->kitWith($add), $of->scope->withLines([$other]), $of->rules)->lines[0];
            $found[] = new Substitute($terminal, $other, $add, $outcome->worth->money, $parts, $after->status === Status::Makeshift);
        }
        usort($found, static fn(Substitute $one, Substitute $two): int => [$one->isMakeshift, $one->cost()] <=> [$two->isMakeshift, $two->cost()]);

        return $found;
    }

    /**
     * The least money that makes one line count, from the kit as it is; both null where nothing does.
     *
     * @return array{?Outcome, ?Model}
     */
    private function least(Line $line, PlannedScope $of): array
    {
        $scope = new PlannedScope($of->scope->withLines([$line]), $of->rules);
        $question = $this->question->about($scope);
        $reports = [Coverage::of($question->kit, $scope->scope, $scope->rules)];
        if ($reports[0]->lines[0]->status === Status::Faulty) {
            return [null, null];
        }
        $model = Model::of($question, $reports);
        $outcome = (new Optimum($this->deadline))->of($model->most(null));

        return $outcome !== null && $model->alreadyWon() + $outcome->worth->won === $line->quantity ? [$outcome, $model] : [null, null];
    }

    private function counts(LineCover $cover, PlannedScope $of): bool
    {
        return $cover->status === Status::Covered || ($cover->status === Status::Makeshift && ($this->question->takesMakeshift || $of->rules->makeshiftCounts));
    }

    /**
     * Whether a terminal goes where another is: the same shape on the same stud or into the same mating part, as many ends; a
     * ferrule for a ferrule. Whether the wire suits it, the checks of the line say.
     */
    private static function standsIn(Terminal $other, Terminal $now, Line $line): bool
    {
        $stud = $line->joint->stud ?? $now->stud;

        return $other->ends === $now->ends
            && $other->shape === $now->shape
            && self::goesWhere($other, $now, $line)
            && ($stud === null || ($other->stud !== null && $other->stud->suits($stud)))
            && ($line->wireB === null || $other->ends === 2);
    }

    private static function goesWhere(Terminal $other, Terminal $now, Line $line): bool
    {
        if ($line->joint->housing || self::isOfSeries($now) || self::isOfSeries($other)) {
            return $other->class->isContact() && $now->class->isContact() && self::series($other) === self::series($now);
        }
        $isFerrule = static fn(Terminal $one): bool => $one->class === TerminalClass::Ferrule || $one->class === TerminalClass::TwinFerrule;

        return $other->class === $now->class || ($now->shape !== null && !$isFerrule($other) && !$isFerrule($now));
    }

    /** What mates with a part of its own series only, in a housing or not. */
    private static function isOfSeries(Terminal $terminal): bool
    {
        return $terminal->class->isContact() && in_array($terminal->shape, self::OF_A_SERIES, true);
    }

    /** By what gets it out of its housing; where that is not stated, by the nest that it is crimped in. */
    private static function series(Terminal $terminal): ?string
    {
        return $terminal->extractCode ?? $terminal->nest;
    }

    /** Whether it brings its own insulation. */
    private static function isSleeved(?Terminal $terminal): bool
    {
        return $terminal?->class === TerminalClass::Insulated || $terminal?->class === TerminalClass::HeatShrink;
    }
}
