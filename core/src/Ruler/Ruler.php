<?php

declare(strict_types=1);

namespace Gondrik\Core\Ruler;

use Gondrik\Core\Coverage\Choice;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Match\OperationRules;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;

/**
 * A report laid out along the sizes: a lane for each operation and crimp class in use, a bar for each reach of a tool, a
 * drop line for each size of the scope. All places are areas in mm²; the drawing is the page's. What a bar shows is asked
 * of the operation's own rules, so that bars and dots speak of the same.
 */
final readonly class Ruler
{
    /** Operations with no size of their own share the last lane. */
    public const FINISH = 'finish';

    /**
     * @param list<RulerLane> $lanes
     * @param list<RulerDrop> $drops from thin to thick
     */
    private function __construct(public array $lanes, public array $drops) {}

    /** @param list<Tool> $away models that belong into the kit and do not count in it: what they would reach */
    public static function of(Report $report, array $away = []): self
    {
        $operations = new Operations($report->rules);
        $laneOf = self::lanesUnder($report->rules);
        $lanesIn = [];
        $hasFinish = false;
        foreach ($report->lines as $line) {
            foreach ($line->steps as $cover) {
                $lane = $laneOf($cover);
                if ($lane !== self::FINISH) {
                    $lanesIn[$lane]['operation'] = $cover->step->operation;
                    $lanesIn[$lane]['works'][$cover->work->key()] ??= $cover->work;
                    $area = $cover->step->wire()->size->area ?? 0.0;
                    $lanesIn[$lane]['places'][self::place($area)]['area'] = $area;
                    $lanesIn[$lane]['places'][self::place($area)]['works'][] = [$line->line->id, $cover->work];
                } elseif ($cover->step->wire() !== null) {
                    $hasFinish = true;
                }
            }
        }
        $misses = new Misses(new Choice($report->kit, $report->rules, $operations));
        $lanes = [];
        foreach (self::order() as $name) {
            if (isset($lanesIn[$name])) {
                ['operation' => $operation, 'works' => $works, 'places' => $places] = $lanesIn[$name];
                $tools = array_map(static fn(TakingPart $part): Tool => $part->tool, $report->kit->tools);
                $bars = self::bars($tools, $operations->of($operation), array_values($works));
                $gone = self::bars($away, $operations->of($operation), array_values($works));
                $judged = array_map(static fn(RulerBar $bar): RulerBar => new RulerBar($bar->tool, $bar->reach, $misses->of(new TakingPart($bar->tool), $operation, $bar->reach, $places)), $bars);
                $lanes[] = new RulerLane($name, [...$judged, ...array_map(static fn(RulerBar $bar): RulerBar => new RulerBar($bar->tool, $bar->reach, isAway: true), $gone)]);
            }
        }
        if ($hasFinish) {
            $lanes[] = new RulerLane(self::FINISH, []);
        }

        return new self($lanes, self::drops($report, $laneOf));
    }

    /** @return \Closure(StepCover): string the name of the lane in which a step stands */
    public static function lanesUnder(HouseRules $rules): \Closure
    {
        $operations = new Operations($rules);

        return static fn(StepCover $cover): string => $operations->of($cover->step->operation)->lane($cover->work) ?? self::FINISH;
    }

    /** @return list<string> names of lanes in the order of work, crimps class by class */
    private static function order(): array
    {
        $names = array_column(Operation::cases(), 'value');
        $classes = array_map(static fn(TerminalClass $class): string => $class->value, TerminalClass::crimped());

        return array_values(array_unique([...$names, ...$classes]));
    }

    /** Sizes that differ by less than this are one place. */
    private static function place(float $area): string
    {
        return (string) round($area, 6);
    }

    /**
     * @param list<Tool>                       $tools
     * @param OperationRules<Work, Capability> $rules
     * @param non-empty-list<Work>             $works of the lane
     *
     * @return list<RulerBar> in the order of the tools
     */
    private static function bars(array $tools, OperationRules $rules, array $works): array
    {
        $bars = [];
        foreach ($tools as $tool) {
            foreach ($tool->capabilitiesFor($rules->operation()) as $capability) {
                $reach = $rules->reach($capability, $works);
                if ($reach !== null) {
                    $bars[] = new RulerBar($tool, $reach);
                }
            }
        }

        return $bars;
    }

    /**
     * @param \Closure(StepCover): string $laneOf
     *
     * @return list<RulerDrop>
     */
    private static function drops(Report $report, \Closure $laneOf): array
    {
        $sizes = [];
        $covers = [];
        foreach ($report->lines as $cover) {
            foreach ($cover->line->ends as $end) {
                $key = self::place($end->wire->size->area);
                $sizes[$key] ??= $end->wire->size;
                $covers[$key][$cover->line->id] = $cover;
            }
        }
        uasort($sizes, static fn(Size $one, Size $other): int => $one->area <=> $other->area);
        $drops = [];
        foreach ($sizes as $key => $size) {
            $drops[] = RulerDrop::at($size, array_values($covers[$key]), $laneOf);
        }

        return $drops;
    }
}
