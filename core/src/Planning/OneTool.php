<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Verdict\Fit;

/** The one tool that alone does most of an operation on a scope, with what it requires, and what is lost without all others. */
final readonly class OneTool
{
    /**
     * @param list<string> $sizes of wire that it does, as they are written, the smallest first
     * @param list<string> $lost  ids of the lines whose steps of the operation it does not do
     */
    private function __construct(
        public Operation $operation,
        /** Null where none of them does any of it. */
        public ?Tool $tool,
        /** Terminations that want the operation. */
        public int $asked,
        /** Sizes of wire that want it. */
        public int $askedSizes,
        /** Terminations that it does properly. */
        public int $proper,
        /** And as a makeshift. */
        public int $makeshift,
        public array $sizes,
        public array $lost,
    ) {}

    /**
     * The tool with most terminations done properly; then with most done at all, then most sizes, then the first.
     *
     * @param Report     $report whose lines and rules are asked, whatever is in its kit; faulty lines ask for nothing
     * @param list<Tool> $tools  to choose from
     *
     * @return list<self> operation by operation, in the order of work
     */
    public static function of(Report $report, array $tools): array
    {
        $matrix = new Matrix([$report], $tools, takesMakeshift: true);
        $found = [];
        foreach (Operation::cases() as $operation) {
            $lines = self::linesWith($matrix, $operation);
            if ($lines !== []) {
                $found[] = self::best($matrix, $operation, $lines);
            }
        }

        return $found;
    }

    /** @return list<array{PlannedLine, list<int>}> lines with their tasks of an operation */
    private static function linesWith(Matrix $matrix, Operation $operation): array
    {
        $lines = [];
        foreach ($matrix->lines as $line) {
            $tasks = array_values(array_filter(array_column($line->steps, 'task'), static fn(int $task): bool => $matrix->tasks[$task]->operation === $operation));
            if ($tasks !== []) {
                $lines[] = [$line, $tasks];
            }
        }

        return $lines;
    }

    /** @param list<array{PlannedLine, list<int>}> $lines */
    private static function best(Matrix $matrix, Operation $operation, array $lines): self
    {
        $asked = array_sum(array_map(static fn(array $one): int => $one[0]->line->quantity, $lines));
        $sizes = self::sizes(array_map(static fn(array $one): PlannedLine => $one[0], $lines));
        $best = new self($operation, null, $asked, count($sizes), 0, 0, [], array_map(static fn(array $one): string => $one[0]->id, $lines));
        foreach ($matrix->tools as $at => $tool) {
            $done = ['proper' => 0, 'makeshift' => 0];
            $of = $lost = [];
            foreach ($lines as [$line, $tasks]) {
                $fits = array_map(static fn(int $task): ?Fit => $matrix->tasks[$task]->doers[$at] ?? null, $tasks);
                if (in_array(null, $fits, true)) {
                    $lost[] = $line->id;
                    continue;
                }
                $of[] = $line;
                $done[in_array(Fit::Makeshift, $fits, true) ? 'makeshift' : 'proper'] += $line->line->quantity;
            }
            $one = new self($operation, $tool, $asked, count($sizes), $done['proper'], $done['makeshift'], self::sizes($of), $lost);
            if ($of !== [] && $one->rank() > $best->rank()) {
                $best = $one;
            }
        }

        return $best;
    }

    /** @return list<int> the greater the better */
    private function rank(): array
    {
        return [$this->proper, $this->proper + $this->makeshift, count($this->sizes)];
    }

    /**
     * @param list<PlannedLine> $lines
     *
     * @return list<string> as written, each once, the smallest first
     */
    private static function sizes(array $lines): array
    {
        $areas = [];
        foreach ($lines as $line) {
            foreach ($line->line->ends as $end) {
                $areas[$end->wire->size->written] = $end->wire->size->area;
            }
        }
        asort($areas);

        return array_map(strval(...), array_keys($areas));
    }
}
