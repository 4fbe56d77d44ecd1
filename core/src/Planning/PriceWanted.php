<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Verdict\Fit;

/** What would close the steps that nothing which can be had closes, if somebody said what it costs. */
final readonly class PriceWanted
{
    /** @param list<Tool> $tools that cannot be had, in the order in which they are preferred; one that can is passed over */
    public function __construct(private PlanQuestion $question, private array $tools) {}

    /** @return list<Unpriced> the one of most terminations first */
    public function offers(): array
    {
        $had = $this->had();
        $isHad = array_column($had, null, 'id');
        $tools = array_values(array_filter($this->tools, static fn(Tool $tool): bool => !isset($isHad[$tool->id])));
        $matrix = new Matrix(
            array_map(fn(PlannedScope $of): Report => Coverage::of($this->question->kit, $of->scope, $of->rules), $this->question->scopes),
            [...$had, ...$tools],
            $this->question->takesMakeshift,
        );
        $isWay = static fn(Way $way): bool => !$way->isSecond;
        $has = array_fill_keys(array_map(static fn(Way $way): int => (int) $matrix->at($way->tool->id), array_filter($this->question->ways, $isWay)), true) + $matrix->has($this->question->kit);
        $does = [];
        foreach ($matrix->lines as $line) {
            // No tool mends what a check of the line makes of it.
            if ($line->isCapped && !$line->takesMakeshift) {
                continue;
            }
            foreach ($line->steps as $at => $step) {
                $task = $matrix->tasks[$step->task];
                $counts = static fn(?Fit $fit): bool => $fit === Fit::Proper || ($fit === Fit::Makeshift && $line->takesMakeshift);
                if ($counts($matrix->best($task, $has))) {
                    continue;
                }
                $wanted = [];
                foreach ($task->doers as $tool => $fit) {
                    if ($counts($fit) && $matrix->closure($tool) !== null) {
                        $wanted += array_fill_keys(array_diff([$tool, ...$matrix->closure($tool)], array_keys($has)), true);
                    }
                }
                foreach (array_keys($wanted) as $tool) {
                    $does[$tool][] = new StepRef($line, $at);
                }
            }
        }
        ksort($does);
        $offers = array_map(static fn(int $tool, array $steps): Unpriced => new Unpriced(
            $matrix->tools[$tool],
            $steps,
            array_map(static fn(StepRef $step): Operation => $matrix->tasks[$step->line->steps[$step->step]->task]->operation, $steps),
        ), array_keys($does), $does);
        usort($offers, static fn(Unpriced $one, Unpriced $other): int => $other->terminations() <=> $one->terminations());

        return $offers;
    }

    /** @return list<Tool> of the kit, and all that a plan may take or have done */
    private function had(): array
    {
        $byThePiece = array_map(static fn(Way $way): Tool => $way->tool, $this->question->perPiece());

        return array_values(array_column([...$this->question->tools(), ...$byThePiece], null, 'id'));
    }
}
