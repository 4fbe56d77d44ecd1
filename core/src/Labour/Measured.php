<?php

declare(strict_types=1);

namespace Gondrik\Core\Labour;

use Gondrik\Core\Log\Entry;
use Gondrik\Core\Log\Log;
use Gondrik\Core\Log\Timed;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Tool\Energy;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Day;

/** What the shop has measured for itself: of every tool, operation and pair of hands the latest counts. */
final readonly class Measured
{
    /** Stands for hands of which nobody said whose they were. */
    private const NOBODY = '';

    /**
     * @param array<string, array<string, Timed>> $latest by tool and operation, then by person
     * @param array<string, list<Timed>>          $alike  of all tools that do it in the same way, each of them and each pair of hands once
     */
    private function __construct(private array $latest, private array $alike) {}

    /**
     * @param list<Entry> $written in the order of the workbook
     * @param Day|null    $day     up to and with it; null for all
     */
    public static function of(array $written, ?Day $day = null): self
    {
        $latest = [];
        foreach (Log::of($written)->entries as $entry) {
            if ($entry instanceof Timed && ($day === null || !$entry->on->isAfter($day))) {
                $latest[self::key($entry->tool, $entry->op)][$entry->person->id ?? self::NOBODY] = $entry;
            }
        }

        $alike = [];
        foreach ($latest as $ofTool) {
            foreach ($ofTool as $entry) {
                foreach ($entry->tool->capabilities as $capability) {
                    if ($capability::operation() === $entry->op) {
                        $alike[self::way($entry->tool, $capability)][] = $entry;
                        break;
                    }
                }
            }
        }

        return new self($latest, $alike);
    }

    /** @return list<Timed> of a tool, each pair of hands once */
    public function by(Tool $tool, Operation $operation): array
    {
        return array_values($this->latest[self::key($tool, $operation)] ?? []);
    }

    /**
     * Seconds for one piece: a person's own with the tool, else the mean over all hands with it; of a tool that nobody has timed the mean
     * over those that do it in the same way, lest a table stand against a clock. Null where there is none of these, either.
     *
     * @param string|null $person id
     */
    public function each(Tool $tool, Capability $capability, ?string $person): ?float
    {
        $of = $this->latest[self::key($tool, $capability::operation())] ?? [];
        $own = $person === null ? null : $of[$person] ?? null;
        if ($own !== null) {
            return $own->each();
        }
        $asked = $of === [] ? $this->alike[self::way($tool, $capability)] ?? [] : $of;

        return $asked === [] ? null : array_sum(array_map(static fn(Timed $one): float => $one->each(), $asked)) / count($asked);
    }

    /** Equal where the same is done by the same method, by hand or with a drive. */
    private static function way(Tool $tool, Capability $capability): string
    {
        $isPowered = in_array($tool->needs->energy, [Energy::Mains, Energy::Battery], true);

        return $capability::operation()->value . '|' . WorkTimes::method($capability) . ($isPowered ? '|powered' : '');
    }

    private static function key(Tool $tool, Operation $operation): string
    {
        return $operation->value . '|' . $tool->id;
    }
}
