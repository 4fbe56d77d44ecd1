<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Covering\Group;
use Gondrik\Core\Covering\Instance;
use Gondrik\Core\Covering\Item;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\Tool;

/**
 * A question of planning as a covering problem, made the long way: Cover is asked about the kit with each tool that could be
 * bought and what that requires, and what it says is written down. Makeshift does not count here.
 */
final class AskedOfCover
{
    public static function problem(PlanQuestion $question): Instance
    {
        $at = [];
        foreach ($question->ways as $number => $way) {
            $at[$way->tool->id] = $number;
        }
        $items = [];
        $rows = [];
        foreach ($question->ways as $number => $way) {
            $more = self::required($way->tool, $question);
            $items[] = new Item($way->cost, $way->mass(), true, array_map(static fn(Tool $tool): array => [$at[$tool->id]], $more));
            foreach (self::covered($question, [$way->tool, ...$more]) as $step => $isCovered) {
                if ($isCovered) {
                    $rows[$step][] = $number;
                }
            }
        }
        $before = self::covered($question, []);
        $numbers = [];
        $list = [];
        foreach ($before as $step => $isCovered) {
            if (!$isCovered) {
                $numbers[$step] = count($list);
                $list[] = $rows[$step] ?? [];
            }
        }
        $groups = [];
        foreach ($question->scopes as $scope => $of) {
            foreach (Coverage::onPaper($question->kit->of, $of->scope, $of->rules)->lines as $line) {
                $open = [];
                foreach (array_keys($line->steps) as $step) {
                    $key = $scope . '/' . $line->line->id . '/' . $step;
                    if (!$before[$key]) {
                        $open[] = $numbers[$key];
                    }
                }
                $isMakeshift = array_filter($line->checks, static fn($check): bool => $check->fit->value === 'makeshift') !== [];
                if ($line->status !== Status::Faulty && !$isMakeshift && $open !== []) {
                    $groups[] = new Group($line->line->quantity, $open);
                }
            }
        }

        return $question->isLimited()
            ? new Instance($items, $list, [], $groups, [], $question->budget, $question->mass === null ? null : $question->mass - PlanQuestion::massOf($question->kit->of))
            : new Instance($items, $list, array_keys(array_filter($list)));
    }

    /** @return list<Tool> that it requires, directly or not, and the kit has not */
    private static function required(Tool $tool, PlanQuestion $question): array
    {
        $found = [];
        for ($open = $tool->needs->requires; $open !== [];) {
            $id = array_pop($open);
            foreach ($question->ways as $way) {
                if ($way->tool->id === $id && $id !== $tool->id && !isset($found[$id])) {
                    $found[$id] = $way->tool;
                    $open = [...$open, ...$way->tool->needs->requires];
                }
            }
        }

        return array_values($found);
    }

    /**
     * @param list<Tool> $tools that come into the kit
     *
     * @return array<string, bool> by scope, line and step
     */
    private static function covered(PlanQuestion $question, array $tools): array
    {
        $kit = new Kit($question->kit->of->id, $question->kit->of->name, [...$question->kit->of->tools, ...array_map(static fn(Tool $tool): KitEntry => new KitEntry($tool), $tools)], $question->kit->of->travels, $question->kit->of->hand);
        $covered = [];
        foreach ($question->scopes as $scope => $of) {
            foreach (Coverage::onPaper($kit, $of->scope, $of->rules)->lines as $line) {
                foreach ($line->steps as $number => $step) {
                    $covered[$scope . '/' . $line->line->id . '/' . $number] = $step->status === Status::Covered;
                }
            }
        }

        return $covered;
    }
}
