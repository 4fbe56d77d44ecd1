<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Planning\OneTool;
use Gondrik\Core\Planning\PackingList;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wording\LineName;

/** What must be in the bag, and the one tool of each operation, as plain data. */
final readonly class PackingWriter
{
    /**
     * @param Report $along of the kit with what is taken alone
     *
     * @return array{take: list<array<string, mixed>>, leave: list<array<string, mixed>>, mass: int, unweighed: int, isProven: bool}
     */
    public function list(PackingList $list, Report $along): array
    {
        $does = [];
        foreach ($along->lines as $line) {
            foreach ($line->steps as $step) {
                $tool = $step->chosen?->tool->id;
                if ($tool !== null) {
                    $does[$tool][$step->step->operation->value][$line->line->id] = $line->line->quantity;
                }
            }
        }
        $written = static fn(Tool $tool): array => ['tool' => $tool->id, 'name' => $tool->name, 'mass' => $tool->handling->massGrams];

        return [
            'take' => array_map(static fn(Tool $tool): array => [...$written($tool), 'does' => array_map(static fn(string $operation, array $lines): array => ['op' => $operation, 'terminations' => array_sum($lines)], array_keys($does[$tool->id] ?? []), array_values($does[$tool->id] ?? []))], $list->take),
            'leave' => array_map($written, $list->leave),
            'mass' => $list->mass(),
            'unweighed' => count($list->unweighed()),
            'isProven' => $list->isProven,
        ];
    }

    /**
     * @param list<OneTool> $ofKit
     * @param list<OneTool> $ofShop of the same operations
     *
     * @return list<array<string, mixed>>
     */
    public function one(Report $report, array $ofKit, array $ofShop): array
    {
        $lines = array_column($report->scope->lines, null, 'id');
        $written = static fn(OneTool $one): ?array => $one->tool === null ? null : [
            'tool' => $one->tool->id,
            'name' => $one->tool->name,
            'proper' => $one->proper,
            'makeshift' => $one->makeshift,
            'sizes' => $one->sizes,
            'lost' => array_map(static fn(string $id): string => LineName::of($lines[$id]), $one->lost),
        ];

        return array_map(static fn(OneTool $kit, OneTool $shop): array => [
            'op' => $kit->operation->value,
            'asked' => $kit->asked,
            'askedSizes' => $kit->askedSizes,
            'ofKit' => $written($kit),
            'ofShop' => $written($shop),
        ], $ofKit, $ofShop);
    }
}
