<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Gondrik\Core\Tool\Cost;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\ObjectPlan;
use Gondrik\Core\Workbook\Workbook;

/** What a report speaks of by id, as the workbook writes it, with what it costs only for whom that is. */
final readonly class ThingsById
{
    public function __construct(private bool $withCosts) {}

    /** @return array{kit: object|null, scope: object, lines: object, wires: object, terminals: object, tools: object} of a workbook with one scope and at most one kit */
    public function of(Workbook $workbook): array
    {
        $scope = get_object_vars((new ObjectCodec())->write($workbook->scopes[0]));
        $lines = array_column($scope['lines'], null, 'id');

        return [
            'kit' => isset($workbook->kits[0]) ? (new ObjectCodec())->write($workbook->kits[0]) : null,
            'scope' => (object) array_diff_key($scope, ['lines' => null]),
            'lines' => (object) $lines,
            'wires' => (object) $this->byId($workbook->wires),
            'terminals' => (object) array_map($this->told(...), $this->byId($workbook->terminals)),
            'tools' => (object) $this->tools($workbook->tools),
        ];
    }

    /**
     * @param list<Tool> $tools
     *
     * @return array<\stdClass> by id
     */
    public function tools(array $tools): array
    {
        return array_map($this->told(...), $this->byId($tools));
    }

    /** A tool or terminal as this person may see it: terminals have a price of the same name. */
    public function told(\stdClass $thing): \stdClass
    {
        if ($this->withCosts) {
            return $thing;
        }
        $costs = array_flip(array_column(ObjectPlan::of(Cost::class)->keys(), 'name'));
        $without = static fn(\stdClass $of): \stdClass => (object) array_diff_key(get_object_vars($of), $costs);
        $told = $without($thing);
        if (isset($told->dues)) {
            // Having one done costs something, too.
            $told->dues = array_map($without, $told->dues);
        }

        if (isset($told->packs)) {
            $told->packs = array_map($without, $told->packs);
        }

        return $told;
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
