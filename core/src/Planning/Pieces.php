<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Judge;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Verdict\Findings;

/**
 * Who does which step for so much a piece, at their own bench where the tool stays there: only work that can be brought goes
 * there. They have beside it what it requires, and what works in it (a press its dies); no hand but theirs closes it.
 */
final class Pieces
{
    /** @var array<string, non-empty-list<Tool>> what may do the work, by tool that is paid for */
    private array $doers = [];

    /** @var array<int, array{Operations, Judge, array<string, LineCover>}> by scope */
    private array $scopes = [];

    /** @var array<string, array{?Way, ?Way}> the cheapest that does it properly, and at all */
    private array $known = [];

    /**
     * @param list<Way>    $ways    by the piece
     * @param list<Report> $reports of the scopes, whose lines are asked about
     * @param list<Tool>   $tools   all that there are: some of them work in those that are paid by the piece
     */
    public function __construct(private readonly array $ways, private readonly array $reports, array $tools)
    {
        $byId = array_column($tools, null, 'id');
        foreach ($ways as $way) {
            $this->doers[$way->tool->id] = [$way->tool, ...array_values(array_filter($tools, static fn(Tool $tool): bool => self::requires($tool, $way->tool->id, $byId)))];
        }
    }

    /** Null when nobody does it. */
    public function for(PlannedLine $line, int $step, bool $isProper): ?Way
    {
        return $this->ways === [] ? null : ($this->known[$line->scope . '/' . $line->id . '/' . $step] ??= $this->ask($line, $step))[$isProper ? 0 : 1];
    }

    /** @return array{?Way, ?Way} */
    private function ask(PlannedLine $line, int $step): array
    {
        [$operations, $judge, $covers] = $this->scopes[$line->scope] ??= $this->scope($line->scope);
        $found = [null, null];
        $asked = $covers[$line->line->id]->steps[$step]->step;
        $rules = $operations->of($asked->operation);
        $around = $line->line->surroundings;
        foreach ($this->ways as $way) {
            $conditions = $way->tool->needs->inPlaceOnly
                ? new Conditions(mustTravel: !$around->movable)
                : new Conditions($around->noMains, $around->access, true);
            $work = $rules->work($line->line, $asked->end, $conditions);
            foreach ($this->doers[$way->tool->id] as $tool) {
                $score = $tool->capabilitiesFor($asked->operation) === [] ? null : $judge->choice($tool, $asked->operation, $rules, $work);
                foreach ($score === null ? [] : [0 => $score < Findings::MAKESHIFT, 1 => true] as $level => $does) {
                    if ($does && ($found[$level] === null || $way->cost < $found[$level]->cost)) {
                        $found[$level] = $way;
                    }
                }
            }
        }

        return $found;
    }

    /** @return array{Operations, Judge, array<string, LineCover>} */
    private function scope(int $scope): array
    {
        $report = $this->reports[$scope];
        $operations = new Operations($report->rules);
        $lines = [];
        foreach ($report->lines as $cover) {
            $lines[$cover->line->id] = $cover;
        }

        return [$operations, new Judge($operations, $report->rules), $lines];
    }

    /**
     * Whether a tool requires another, directly or by what it requires.
     *
     * @param array<string, Tool> $byId
     */
    private static function requires(Tool $tool, string $id, array $byId): bool
    {
        $seen = [];
        for ($open = $tool->needs->requires; $open !== [];) {
            $next = array_pop($open);
            if ($next === $id) {
                return true;
            }
            if (!isset($seen[$next])) {
                $seen[$next] = true;
                $open = [...$open, ...$byId[$next]->needs->requires ?? []];
            }
        }

        return false;
    }
}
