<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Covering\Instance;
use Gondrik\Core\Covering\Item;
use Gondrik\Core\Covering\Optimum;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Deadline;
use Gondrik\Core\Verdict\Fit;

/**
 * What of a kit must be in the bag for a scope: the fewest tools, and of these the lightest, that do every step as well as the whole kit
 * does it, keep what is backed backed, and what is carried carried. The rest stays at home.
 */
final readonly class PackingList
{
    /**
     * @param list<Tool> $take  in the order of the kit
     * @param list<Tool> $leave in the order of the kit
     */
    private function __construct(
        public array $take,
        public array $leave,
        /** Whether no fewer and no lighter would do; else time was up. */
        public bool $isProven,
    ) {}

    /** @param Report $report of the kit on the scope; what it does not do asks for nothing */
    public static function of(Report $report, ?Deadline $deadline = null): self
    {
        $kit = $report->kit->eachModelOnce();
        $tools = array_map(static fn(TakingPart $part): Tool => $part->tool, $kit->tools);
        $matrix = new Matrix([$report], $tools, takesMakeshift: true);
        $items = array_map(static fn(Tool $tool, int $at): Item => new Item(0, $tool->handling->massGrams ?? 0, needs: array_map(static fn(int $other): array => [$other], $matrix->closure($at) ?? [])), $tools, array_keys($tools));
        $rows = [...self::tasks($report, $matrix, $kit), ...self::carried($report, $kit)];
        $outcome = (new Optimum($deadline ?? Deadline::never()))->of(new Instance($items, $rows, array_keys($rows))) ?? throw new \LogicException('the whole kit does what it does');
        $chosen = array_flip($outcome->worth->items);

        return new self(
            array_values(array_intersect_key($tools, $chosen)),
            array_values(array_diff_key($tools, $chosen)),
            $outcome->isProven,
        );
    }

    /** g */
    public function mass(): int
    {
        return array_sum(array_map(static fn(Tool $tool): int => $tool->handling->massGrams ?? 0, $this->take));
    }

    /** @return list<Tool> that are taken and of which nobody knows what they weigh */
    public function unweighed(): array
    {
        return array_values(array_filter($this->take, static fn(Tool $tool): bool => $tool->handling->massGrams === null));
    }

    /** @return list<list<int>> the tools of which one must be taken, task by task */
    private static function tasks(Report $report, Matrix $matrix, KitAsItStands $kit): array
    {
        [$has, $parts] = [$matrix->has($kit), $matrix->parts($kit)];
        $rows = [];
        foreach ($matrix->tasks as $task) {
            $best = $matrix->best($task, $has);
            // All tools of the matrix are the kit's: who does it has there what it requires.
            $doers = array_keys(array_filter($task->doers, static fn(Fit $fit, int $tool): bool => $best === Fit::Makeshift || Matrix::with($fit, $has[$tool]) === Fit::Proper, ARRAY_FILTER_USE_BOTH));
            if ($best === null) {
                continue;
            }
            $rows[] = $doers;
            // Two of them: whichever is left out, one of the others is there.
            $isBacked = in_array($task->operation, $report->rules->backupFor, true) && $matrix->doing($task, $parts, $best === Fit::Proper) >= Backing::WANTED;
            foreach ($isBacked ? $doers : [] as $left) {
                if ($parts[$left]->count - ($best === Fit::Proper ? $parts[$left]->seldom : 0) < Backing::WANTED) {
                    $rows[] = array_values(array_diff($doers, [$left]));
                }
            }
        }

        return array_map(static function (array $row): array {
            sort($row);

            return $row;
        }, $rows);
    }

    /** @return list<list<int>> the tools of each kind that is carried, where there are any */
    private static function carried(Report $report, KitAsItStands $kit): array
    {
        $rows = [];
        foreach ($report->rules->carried($report->scope->carry) as $kind) {
            $of = array_keys(array_filter($kit->tools, static fn(TakingPart $part): bool => $part->tool->kind === $kind));
            $rows = [...$rows, ...$of === [] ? [] : [$of]];
        }

        return $rows;
    }
}
