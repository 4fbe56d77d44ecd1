<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Covering\Group;
use Gondrik\Core\Covering\Instance;
use Gondrik\Core\Covering\Item;
use Gondrik\Core\Covering\Worth;
use Gondrik\Core\Tool\TakingPart;
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

    /** @var array<int, list<int>> ways to one more of a tool */
    private array $secondsOf = [];

    /** @var array<int, TakingPart> what is there in any case, by tool */
    private readonly array $base;

    /** @var array<int, int> item that stands for a tool of the base which lacks what it requires, by tool */
    private array $standing = [];

    /** @var array<int, array{Way, PlannedLine, int}> what an item pays for: way, line, number of its step */
    private array $pieces = [];

    /** @var array<string, list<int>|null> rows of steps that want a backup, by what they ask */
    private array $backedRows = [];

    /** @var list<Way> that are decided on */
    private readonly array $ways;

    private function __construct(public readonly PlanQuestion $question, public readonly Matrix $matrix, private readonly Pieces $pieceWork)
    {
        $this->ways = $question->open();
        $this->base = $matrix->parts($question->kitWith($question->forced));
        foreach ($this->ways as $number => $way) {
            $at = (int) $matrix->at($way->tool->id);
            if ($way->isSecond) {
                $this->secondsOf[$at][] = $number;
            } else {
                $this->waysOf[$at][] = $number;
            }
        }
        $this->items = [];
        foreach ($this->ways as $way) {
            $at = (int) $matrix->at($way->tool->id);
            $first = $way->isSecond && !isset($this->base[$at]) ? [$this->waysOf[$at] ?? []] : [];
            $this->items[] = new Item($way->cost, $way->mass(), true, [...$first, ...$this->needs($at) ?? [[]]]);
        }
    }

    /**
     * What nobody would take is left out first, so that no kit is asked to do without it.
     *
     * @param list<Report> $reports of the question's kit on each of its scopes
     */
    public static function of(PlanQuestion $asked, array $reports): self
    {
        $matrix = new Matrix($reports, $asked->tools(), $asked->takesMakeshift);
        $ofUse = $matrix->ofUse($matrix->has($asked->kitWith($asked->forced)), $asked->backups);
        $question = $asked->withWaysOfUse($matrix, $ofUse);
        $left = array_column($question->tools(), null, 'id');
        foreach (array_keys($ofUse) as $tool) {
            if (!isset($left[$matrix->tools[$tool]->id])) {
                $matrix = new Matrix($reports, array_values($left), $asked->takesMakeshift);
                break;
            }
        }

        return new self($question, $matrix, new Pieces($question->perPiece(), $reports, $asked->tools()));
    }

    /** Everything that can count is to count, for the least money. */
    public function everything(): Instance
    {
        $must = [];
        foreach ($this->matrix->lines as $line) {
            foreach ($line->steps as $number => $step) {
                if ($step->isCapped && !$line->takesMakeshift) {
                    continue;
                }
                // What cannot be backed is still to be done by one.
                foreach ($this->countingRows($line, $number) ?? [$this->rowFor($line, $number, !$line->takesMakeshift)] as $row) {
                    if ($row >= 0) {
                        $must[$row] = $row;
                    }
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
            $rows = $this->countingRowsOf($line);
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
            if ($this->countingRowsOf($line) === []) {
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
            $rows = $line->takesMakeshift && !$line->isCapped ? $this->properRowsOf($line) : null;
            if ($rows !== null && $rows !== []) {
                $fine[] = new Group($line->line->quantity, $rows);
            }
        }

        return $fine;
    }

    /**
     * The rows that are open before a line counts; null when one of its steps can never count.
     *
     * @return list<int>|null
     */
    private function countingRowsOf(PlannedLine $line): ?array
    {
        if ($line->isCapped && !$line->takesMakeshift) {
            return null;
        }
        $rows = [];
        foreach (array_keys($line->steps) as $number) {
            $of = $this->countingRows($line, $number);
            if ($of === null) {
                return null;
            }
            $rows += array_combine($of, $of);
        }

        return array_values($rows);
    }

    /**
     * The rows that are open before a line is done properly, backed or not; null when one of its steps can never be.
     *
     * @return list<int>|null
     */
    private function properRowsOf(PlannedLine $line): ?array
    {
        $rows = [];
        foreach ($line->steps as $number => $step) {
            $row = $step->isCapped ? self::NEVER : $this->rowFor($line, $number, true);
            if ($row === self::NEVER) {
                return null;
            }
            if ($row !== self::DONE) {
                $rows[$row] = $row;
            }
        }

        return array_values($rows);
    }

    /**
     * The rows that are open before a step counts: one, or for a backup several; null when it can never count.
     *
     * @return list<int>|null
     */
    private function countingRows(PlannedLine $line, int $number): ?array
    {
        $isProper = !$line->takesMakeshift;
        $task = $this->matrix->tasks[$line->steps[$number]->task];
        if (!in_array($task->operation, $this->question->backups, true)) {
            $row = $this->rowFor($line, $number, $isProper);

            return $row === self::NEVER ? null : array_values(array_filter([$row], static fn(int $row): bool => $row !== self::DONE));
        }
        $key = $this->keyOf($line, $number, $isProper);
        if (!array_key_exists($key, $this->backedRows)) {
            $this->backedRows[$key] = $this->newBackedRows($task, $isProper, $this->piece($line, $number, $isProper));
        }

        return $this->backedRows[$key];
    }

    private function rowFor(PlannedLine $line, int $number, bool $isProper): int
    {
        $key = $this->keyOf($line, $number, $isProper);

        return $this->rowOf[$key] ??= $this->newRow($this->matrix->tasks[$line->steps[$number]->task], $isProper, $this->piece($line, $number, $isProper));
    }

    /** Steps of equal work have the same rows, but where they are paid for each by itself. */
    private function keyOf(PlannedLine $line, int $number, bool $isProper): string
    {
        $pieces = $this->pieceWork->for($line, $number, $isProper);

        return $line->steps[$number]->task . ($isProper ? 'p' : 'm') . ($pieces === null ? '' : '/' . $line->id . '/' . $number);
    }

    private function newRow(Task $task, bool $isProper, ?int $piece): int
    {
        [$items, $there] = $this->doers($task, $isProper);
        if ($there > 0) {
            return self::DONE;
        }
        $items = array_keys($items + ($piece === null ? [] : [$piece => 1]));

        return $items === [] ? self::NEVER : $this->addRow($items);
    }

    /**
     * Two of the doers: whichever of them is left out, one of the others is there. What is paid by the piece needs no backup.
     *
     * @return list<int>|null
     */
    private function newBackedRows(Task $task, bool $isProper, ?int $piece): ?array
    {
        [$items, $there] = $this->doers($task, $isProper);
        foreach ($this->secondsOf as $tool => $seconds) {
            $fit = $task->doers[$tool] ?? null;
            $canBe = (isset($this->base[$tool]) || isset($this->waysOf[$tool])) && $this->needs($tool) !== null;
            if ($canBe && ($fit === Fit::Proper || ($fit !== null && !$isProper))) {
                $items += array_fill_keys($seconds, 1);
            }
        }
        $always = $piece === null ? [] : [$piece];
        if ($there > 0) {
            $all = [...array_keys($items), ...$always];

            return match (true) {
                $there >= Backing::WANTED => [],
                $all === [] => null,
                default => [$this->addRow($all)],
            };
        }
        if (array_sum($items) < Backing::WANTED) {
            return $always === [] ? null : [$this->addRow($always)];
        }
        $rows = [];
        foreach ($items as $left => $count) {
            $others = $count >= Backing::WANTED ? $items : array_diff_key($items, [$left => true]);
            $rows[] = $this->addRow([...array_keys($others), ...$always]);
        }

        return $rows;
    }

    /**
     * The items that bring a tool which does a task, with how many they bring; and how many are there in any case.
     *
     * @return array{array<int, int>, int}
     */
    private function doers(Task $task, bool $isProper): array
    {
        $items = [];
        foreach ($task->doers as $tool => $fit) {
            if ($isProper && $fit !== Fit::Proper) {
                continue;
            }
            $there = isset($this->base[$tool]) ? $this->base[$tool]->count - ($isProper ? $this->base[$tool]->seldom : 0) : 0;
            if ($there === 0) {
                $items += $this->needs($tool) === null ? [] : array_fill_keys($this->waysOf[$tool] ?? [], 1);
                continue;
            }
            $standing = $this->matrix->isComplete($tool, $this->base) ? null : $this->standing($tool);
            if ($standing !== null) {
                $items[$standing] = $there;
            }
        }

        return [$items, $this->matrix->doing($task, $this->base, $isProper)];
    }

    /** The item that is paid for by the piece, null when nobody does the step so. */
    private function piece(PlannedLine $line, int $number, bool $isProper): ?int
    {
        $way = $this->pieceWork->for($line, $number, $isProper);
        if ($way === null) {
            return null;
        }
        foreach ($this->pieces as $item => $paid) {
            if ($paid === [$way, $line, $number]) {
                return $item;
            }
        }
        $this->pieces[count($this->items)] = [$way, $line, $number];
        $this->items[] = new Item($way->cost * $line->line->quantity, 0, false);

        return count($this->items) - 1;
    }

    /** @param list<int> $items */
    private function addRow(array $items): int
    {
        sort($items);
        $this->rows[] = $items;

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
