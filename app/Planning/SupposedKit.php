<?php

declare(strict_types=1);

namespace App\Planning;

use Gondrik\Core\OnDay\KitOnDay;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;

/** A kit with some tools more or less, for as long as somebody looks at it so: nothing is written. */
final readonly class SupposedKit
{
    /**
     * The workbook's kit as it is supposed; what it has already, and what there is not, is no matter.
     *
     * @param list<string> $with    ids of tools, which the workbook has
     * @param list<string> $without
     */
    public static function in(Workbook $workbook, array $with, array $without): Workbook
    {
        $kit = $workbook->kits[0] ?? null;
        if ($kit === null || [...$with, ...$without] === []) {
            return $workbook;
        }
        $more = array_filter($workbook->tools, static fn(Tool $tool): bool => in_array($tool->id, $with, true) && $kit->tool($tool->id) === null);

        // Behind it stand the kits that it shares, where a tool may be barred, too.
        $shared = array_map(static fn(Kit $other): Kit => $other->without(...$without), array_slice($workbook->kits, 1));

        return $workbook->withKits([$kit->without(...$without)->with(...$more), ...$shared]);
    }

    /**
     * The same with what takes part in it, on paper or on a day, and in whose hands.
     *
     * @param string|null  $hand    id of a person; null for nobody in particular
     * @param list<string> $with    ids of tools, which the workbook has
     * @param list<string> $without
     *
     * @throws InvalidWorkbook where nobody of the shop has the id
     */
    public static function standing(Workbook $workbook, ?Day $day, ?string $hand = null, array $with = [], array $without = []): KitOnDay
    {
        $worker = $hand === null ? null : self::worker($workbook, $hand, $day);
        $kit = $workbook->kits[0] ?? null;
        if ($kit === null || $day === null) {
            $supposed = self::in($workbook, $with, $without);

            return (new KitOnDay($supposed->onPaper($supposed->kits[0] ?? null), null))->with($worker);
        }
        $tools = static fn(array $ids): array => array_values(array_filter($workbook->tools, static fn(Tool $tool): bool => in_array($tool->id, $ids, true)));

        return $workbook->onDay()->kit($kit, $day, $workbook->rulesFor($workbook->scopes[0]), $tools($with), $tools($without))->with($worker);
    }

    /** @throws InvalidWorkbook where nobody of the shop has the id */
    public static function worker(Workbook $workbook, string $hand, ?Day $day): Worker
    {
        return $workbook->worker($hand, $day ?? Day::read(now()->toDateString()))
            ?? throw new InvalidWorkbook([new Problem('hand', $hand, 'must be a person of the shop')]);
    }
}
