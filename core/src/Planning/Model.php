<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Planning\Covering\Group;
use Gondrik\Core\Planning\Covering\Instance;
use Gondrik\Core\Planning\Covering\Item;
use Gondrik\Core\Planning\Covering\Worth;
use Gondrik\Core\Verdict\Fit;

/**
 * A question as a covering problem. Its items are the ways, in their order; after them what the kit could do if it had all that
 * it requires, and what is paid for by the piece, which are chosen without being one tool more.
 */
final class Model
{
    private const DONE = -1;

    private const NEVER = -2;

    /** @var list<Item> */
    private array $items;

    /** @var list<list<int>> */
    private array $rows = [];

    /** @var array<string, int> number of a row, DONE or NEVER, by what it asks */
    private array $rowOf = [];

    /** @var array<int, list<int>> ways by tool of the matrix */
    private array $waysOf = [];

    /** @var array<int, true> tools that are there in any case */
    private array $base = [];

    /** @var array<int, int> item that stands for a tool of the base which lacks what it requires, by tool */
    private array $standing = [];

    /** @var array<int, array{Way, PlannedLine, int}> what an item pays for: way, line, number of its step */
    private array $pieces = [];

    /** @var list<Way> that are decided on */
    private readonly array $ways;

    public function __construct(private readonly PlanQuestion $question, private readonly Matrix $matrix, private readonly Pieces $pieceWork)
    {
        $this->ways = $question->open();
        foreach ([...$question->kit->tools, ...$question->forced] as $has) {
            $at = $matrix->at($has->tool->id);
            if ($at !== null) {
                $this->base[$at] = true;
            }
        }
        foreach ($this->ways as $number => $way) {
            $this->waysOf[(int) $matrix->at($way->tool->id)][] = $number;
        }
        $this->items = [];
        foreach ($this->ways as $way) {
            $this->items[] = new Item($way->cost, $way->mass(), true, $this->needs((int) $matrix->at($way->tool->id)) ?? [[]]);
        }
    }

    /** Everything that can count is to count, for the least money. */
    public function everything(): Instance
    {
        $must = [];
        foreach ($this->matrix->lines as $line) {
            foreach ($line->steps as $number => $step) {
                $row = $this->rowFor($line, $number, !$line->takesMakeshift);
                if ($row >= 0 && ($line->takesMakeshift || !$step->isCapped)) {
                    $must[$row] = $row;
                }
            }
        }
        $fine = $this->fine();

        return $this->instance(must: array_values($must), fine: $fine);
    }

    /** As many terminations as possible are to count, within the limits. */
    public function most(?int $budget): Instance
    {
        $groups = [];
        foreach ($this->matrix->lines as $line) {
            $rows = $line->takesMakeshift || !$line->isCapped ? $this->rowsOf($line, !$line->takesMakeshift) : null;
            if ($rows !== null && $rows !== []) {
                $groups[] = new Group($line->line->quantity, $rows);
            }
        }
        $fine = $this->fine();

        return $this->instance(
            groups: $groups,
            fine: $fine,
            budget: $budget === null ? null : $budget - $this->question->forcedCost,
            mass: $this->question->mass === null ? null : $this->question->mass - $this->question->forcedMass,
        );
    }

    /** Terminations that count without any way. */
    public function alreadyWon(): int
    {
        $won = 0;
        foreach ($this->matrix->lines as $line) {
            if (($line->takesMakeshift || !$line->isCapped) && $this->rowsOf($line, !$line->takesMakeshift) === []) {
                $won += $line->line->quantity;
            }
        }

        return $won;
    }

    /** @return list<Way> that a set has, in their order, less what is paid by the piece */
    public function ways(Worth $worth): array
    {
        return $this->waysOfItems($worth->items);
    }

    /** @return list<PaidStep> what a set pays for by the piece */
    public function paid(Worth $worth): array
    {
        $paid = [];
        foreach ($worth->items as $item) {
            if (isset($this->pieces[$item])) {
                $paid[] = new PaidStep(...$this->pieces[$item]);
            }
        }

        return $paid;
    }

    /**
     * @param list<int>   $must
     * @param list<Group> $groups
     * @param list<Group> $fine
     */
    private function instance(array $must = [], array $groups = [], array $fine = [], ?int $budget = null, ?int $mass = null): Instance
    {
        $isAllowed = $this->question->lendings === [] ? null : fn(array $items): bool => $this->question->isAllowed($this->waysOfItems($items));

        return new Instance($this->items, $this->rows, $must, $groups, $fine, $budget, $mass, $isAllowed);
    }

    /**
     * @param array<int> $items
     *
     * @return list<Way>
     */
    private function waysOfItems(array $items): array
    {
        return array_values(array_map(fn(int $item): Way => $this->ways[$item], array_filter($items, fn(int $item): bool => isset($this->ways[$item]))));
    }

    /** @return list<Group> the lines that may count as makeshift, and are better when they need not */
    private function fine(): array
    {
        $fine = [];
        foreach ($this->matrix->lines as $line) {
            $rows = $line->takesMakeshift && !$line->isCapped ? $this->rowsOf($line, true) : null;
            if ($rows !== null && $rows !== []) {
                $fine[] = new Group($line->line->quantity, $rows);
            }
        }

        return $fine;
    }

    /**
     * The rows that are open of a line; null when one of its steps can never count.
     *
     * @return list<int>|null
     */
    private function rowsOf(PlannedLine $line, bool $isProper): ?array
    {
        $rows = [];
        foreach ($line->steps as $number => $step) {
            $row = $isProper && $step->isCapped ? self::NEVER : $this->rowFor($line, $number, $isProper);
            if ($row === self::NEVER) {
                return null;
            }
            if ($row !== self::DONE) {
                $rows[$row] = $row;
            }
        }

        return array_values($rows);
    }

    private function rowFor(PlannedLine $line, int $number, bool $isProper): int
    {
        $task = $line->steps[$number]->task;
        $pieces = $this->pieceWork->for($line, $number, $isProper);
        $key = $task . ($isProper ? 'p' : 'm') . ($pieces === null ? '' : '/' . $line->id . '/' . $number);

        return $this->rowOf[$key] ??= $this->newRow($this->matrix->tasks[$task], $isProper, $pieces, $line, $number);
    }

    private function newRow(Task $task, bool $isProper, ?Way $piece, PlannedLine $line, int $number): int
    {
        $items = [];
        foreach ($task->doers as $tool => $fit) {
            if ($isProper && $fit !== Fit::Proper) {
                continue;
            }
            if (!isset($this->base[$tool])) {
                foreach ($this->needs($tool) === null ? [] : $this->waysOf[$tool] ?? [] as $way) {
                    $items[$way] = true;
                }
                continue;
            }
            if ($this->matrix->isComplete($tool, $this->base)) {
                return self::DONE;
            }
            $standing = $this->standing($tool);
            if ($standing !== null) {
                $items[$standing] = true;
            }
        }
        if ($piece !== null) {
            $items[count($this->items)] = true;
            $this->pieces[count($this->items)] = [$piece, $line, $number];
            $this->items[] = new Item($piece->cost * $line->line->quantity, 0, false);
        }
        if ($items === []) {
            return self::NEVER;
        }
        ksort($items);
        $this->rows[] = array_keys($items);

        return count($this->rows) - 1;
    }

    /** The item that stands for a tool of the base being complete; null when it never can be. */
    private function standing(int $tool): ?int
    {
        if (!isset($this->standing[$tool])) {
            $needs = $this->needs($tool);
            if ($needs === null) {
                return null;
            }
            $this->standing[$tool] = count($this->items);
            $this->items[] = new Item(0, 0, false, $needs);
        }

        return $this->standing[$tool];
    }

    /**
     * The ways of which one must be taken, for each tool that is required and not there; null when one has none.
     *
     * @return list<list<int>>|null
     */
    private function needs(int $tool): ?array
    {
        $needs = [];
        foreach ($this->matrix->closure($tool) ?? [] as $other) {
            if (isset($this->base[$other])) {
                continue;
            }
            if (!isset($this->waysOf[$other])) {
                return null;
            }
            $needs[] = $this->waysOf[$other];
        }

        return $this->matrix->closure($tool) === null ? null : $needs;
    }
}
