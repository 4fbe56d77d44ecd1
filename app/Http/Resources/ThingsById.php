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
    /** @param array<string, \stdClass> $typed figures of lines as they were typed, by id */
    public function __construct(private bool $withCosts, private array $typed = []) {}

    /** @return array{kit: object|null, scope: object, lines: object, wires: object, terminals: object, tools: object} of a workbook with one scope and at most one kit */
    public function of(Workbook $workbook): array
    {
        $scope = get_object_vars((new ObjectCodec())->write($workbook->scopes[0]));
        $lines = array_column($scope['lines'], null, 'id');
        foreach (array_intersect_key($this->typed, $lines) as $id => $typed) {
            $lines[$id]->typed = $typed;
        }

        return [
            'kit' => isset($workbook->kits[0]) ? (new ObjectCodec())->write($workbook->kits[0]) : null,
            'scope' => (object) array_diff_key($scope, ['lines' => null]),
            'lines' => (object) $lines,
            'wires' => (object) $this->byId($workbook->wires),
            'terminals' => (object) $this->byId($workbook->terminals),
            'tools' => (object) $this->tools($workbook),
        ];
    }

    /** @return array<\stdClass> by id */
    public function tools(Workbook $workbook): array
    {
        $tools = $this->byId($workbook->tools);
        if ($this->withCosts) {
            return $tools;
        }
        $costs = array_flip(array_column(ObjectPlan::of(Cost::class)->keys(), 'name'));

        return array_map(static fn(\stdClass $tool): \stdClass => (object) array_diff_key(get_object_vars($tool), $costs), $tools);
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
