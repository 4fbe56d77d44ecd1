<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Coverage\LineCover;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Labour\BreakEven;
use Gondrik\Core\Labour\Effort;
use Gondrik\Core\Labour\Labour;
use Gondrik\Core\Labour\LabourRemark;
use Gondrik\Core\Labour\Measured;
use Gondrik\Core\Labour\Pace;
use Gondrik\Core\Labour\Sharing;
use Gondrik\Core\Labour\Swap;
use Gondrik\Core\Labour\Swaps;
use Gondrik\Core\Labour\WorkTimes;
use Gondrik\Core\Scope\Pieces;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Energy;
use Gondrik\Core\Tool\Strip;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wording\LineName;
use Gondrik\Core\Wording\Words;

/** Time and squeezes as plain data. */
final readonly class LabourWriter
{
    /** @return array<string, mixed> */
    public function labour(Labour $labour): array
    {
        return [
            'lines' => self::each('line', $labour->lines),
            'tools' => self::each('tool', $labour->tools),
            'seconds' => $labour->all->seconds,
            'squeezes' => $labour->all->squeezes,
            ...$labour->days === null ? [] : ['perDay' => ['seconds' => $labour->secondsPerDay(), 'squeezes' => $labour->squeezesPerDay()]],
            'remarks' => array_map(static fn(LabourRemark $remark): string => $remark->value, $labour->remarks()),
        ];
    }

    /**
     * The same for somebody who looks at it: by name, with what is known of every method and what would save time or squeezes.
     *
     * @param Pieces|null  $pieces     what the scope is written for one of
     * @param bool         $withCosts  what things cost is not for everybody
     * @param bool         $withPeople nor is how long somebody takes
     * @param Sharing|null $sharing    of several people who do it at the same time
     *
     * @return array<string, mixed>
     */
    public function told(Report $report, Labour $labour, Measured $measured, Swaps $swaps, ?Pieces $pieces, bool $withCosts, bool $withPeople, ?Sharing $sharing): array
    {
        $does = $rates = [];
        foreach ($report->lines as $line) {
            foreach ($line->steps as $step) {
                if ($step->chosen !== null) {
                    $tool = $step->chosen->tool;
                    $does[$tool->id][$step->step->operation->value] = ($does[$tool->id][$step->step->operation->value] ?? 0) + $line->line->quantity;
                    $rates[$step->step->operation->value . '|' . WorkTimes::method($step->chosen->capability)] ??= [$step->chosen->capability, []];
                    $rates[$step->step->operation->value . '|' . WorkTimes::method($step->chosen->capability)][1][$tool->id] = $tool;
                }
            }
        }

        return [
            'kit' => ['id' => $report->kit->of->id, 'name' => $report->kit->of->name],
            'scope' => ['id' => $report->scope->id, 'name' => $report->scope->name, 'days' => $labour->days, 'pieces' => $pieces === null ? null : ['name' => $pieces->name, 'count' => $pieces->count]],
            'all' => self::effort($labour->all),
            'perDay' => $labour->days === null ? null : ['seconds' => $labour->secondsPerDay(), 'squeezes' => $labour->squeezesPerDay()],
            'many' => Labour::MANY,
            'remarks' => array_map(static fn(LabourRemark $remark): array => ['code' => $remark->value, 'text' => Words::for('labour', $remark->value)], $labour->remarks()),
            'lines' => array_map(static fn(LineCover $line): array => ['line' => $line->line->id, 'name' => LineName::of($line->line), 'status' => $line->status->value, ...self::effort($labour->lines[$line->line->id])], $report->lines),
            'tools' => array_map(fn(int|string $id, Effort $effort): array => [
                'tool' => (string) $id,
                'name' => $report->kit->tool((string) $id)->name ?? (string) $id,
                'does' => array_map(static fn(string $op, int $terminations): array => ['op' => $op, 'terminations' => $terminations], array_keys($does[$id]), array_values($does[$id])),
                'gang' => self::gang($report->kit->tool((string) $id)),
                'needed' => $sharing?->of($effort->seconds),
                ...self::effort($effort),
            ], array_keys($labour->tools), array_values($labour->tools)),
            'untimed' => array_map(static fn(StepCover $step): array => ['op' => $step->step->operation->value, 'tool' => $step->chosen->tool->name ?? ''], $labour->untimed),
            'rates' => array_values(array_map(static fn(array $of): array => self::rate($of[0], array_values($of[1]), $measured, $withPeople), $rates)),
            'faster' => array_map(static fn(Swap $swap): array => self::swap($swap, $withCosts), $swaps->faster()),
            'lighter' => array_map(static fn(Swap $swap): array => self::swap($swap, $withCosts), $swaps->lighter()),
        ];
    }

    /** @return array<string, int|float|bool|null> money in cents */
    public static function even(BreakEven $even, ?int $days): array
    {
        return [
            'pieces' => $even->pieces,
            'price' => $even->price,
            'each' => $even->asItIs(),
            'eachWithIt' => $even->withIt(),
            'from' => $even->from(),
            'months' => $days === null ? null : $even->months($days),
            'piece' => $even->piece,
            'isPieceCheaper' => $even->isPieceCheaper(),
            'fromAgainstPiece' => $even->fromAgainstPiece(),
        ];
    }

    /** @return array{seconds: int|float, squeezes: int} */
    private static function effort(Effort $effort): array
    {
        return ['seconds' => $effort->seconds, 'squeezes' => $effort->squeezes];
    }

    /** @return array{wires: int, byHand: bool}|null how many wires it is built to close over at once; null where that is one */
    private static function gang(?Tool $tool): ?array
    {
        foreach ($tool->capabilities ?? [] as $capability) {
            if ($capability instanceof Strip && $capability->gang > 1) {
                return ['wires' => $capability->gang, 'byHand' => $tool?->needs->energy === Energy::Hand];
            }
        }

        return null;
    }

    /**
     * @param list<Tool> $tools that do it so here
     *
     * @return array<string, mixed> seconds for one piece, as the table has them and as the shop has measured
     */
    private static function rate(Capability $capability, array $tools, Measured $measured, bool $withPeople): array
    {
        [$practised, $new] = [WorkTimes::once($capability, Pace::Practised), WorkTimes::once($capability, Pace::New)];
        $own = [];
        foreach ($tools as $tool) {
            foreach ($measured->by($tool, $capability::operation()) as $timed) {
                $own[] = ['entry' => $timed->id, 'tool' => $tool->name, 'person' => $withPeople ? $timed->person?->name : null, 'by' => $withPeople ? $timed->by?->name : null, 'on' => $timed->on->plain(), 'pieces' => $timed->pieces, 'each' => $timed->each()];
            }
        }

        return [
            'op' => $capability::operation()->value,
            'method' => WorkTimes::method($capability),
            'practised' => $practised?->seconds,
            'new' => $new?->seconds,
            'squeezes' => $practised?->squeezes,
            'tools' => array_column($tools, 'name'),
            'own' => $own,
        ];
    }

    /** @return array<string, mixed> */
    private static function swap(Swap $swap, bool $withCosts): array
    {
        return [
            'tool' => $swap->tool->id,
            'name' => $swap->tool->name,
            'isInKit' => $swap->isInKit,
            'with' => array_column($swap->with, 'name'),
            'operations' => array_column($swap->operations, 'value'),
            'pieces' => $swap->pieces,
            'seconds' => $swap->seconds(),
            'squeezes' => $swap->squeezes(),
            'price' => $withCosts ? $swap->price() : null,
        ];
    }

    /**
     * @param array<array-key, Effort> $efforts by id
     *
     * @return list<array<string, int|float|string>>
     */
    private static function each(string $of, array $efforts): array
    {
        return array_map(static fn(int|string $id, Effort $effort): array => [$of => (string) $id, 'seconds' => $effort->seconds, 'squeezes' => $effort->squeezes], array_keys($efforts), array_values($efforts));
    }
}
