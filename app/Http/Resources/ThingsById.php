<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Gondrik\Core\Tool\Cost;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\ObjectPlan;
use Gondrik\Core\Workbook\Workbook;

/** What a report speaks of by id, as the workbook writes it. */
final readonly class ThingsById
{
    public function __construct(private bool $withCosts) {}

    /** @return array{lines: object, wires: object, terminals: object, tools: object} of a workbook with one scope */
    public function of(Workbook $workbook): array
    {
        $tools = $this->byId($workbook->tools);
        if (!$this->withCosts) {
            $costs = array_flip(array_column(ObjectPlan::of(Cost::class)->keys(), 'name'));
            $tools = array_map(static fn(\stdClass $tool): \stdClass => (object) array_diff_key(get_object_vars($tool), $costs), $tools);
        }

        return [
            'lines' => (object) $this->byId($workbook->scopes[0]->lines),
            'wires' => (object) $this->byId($workbook->wires),
            'terminals' => (object) $this->byId($workbook->terminals),
            'tools' => (object) $tools,
        ];
    }

    /**
     * @param list<object> $things
     *
     * @return array<\stdClass>
     */
    private function byId(array $things): array
    {
        $byId = [];
        foreach ($things as $thing) {
            $item = (new ObjectCodec())->write($thing);
            $byId[$item->id] = $item;
        }

        return $byId;
    }
}
