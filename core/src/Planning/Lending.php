<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;

/**
 * What another kit can do without: as long as nothing that it does now becomes a hole. Of what it has twice, one may always go.
 * Looked at when it is first asked.
 */
final class Lending
{
    private ?Matrix $matrix = null;

    /** @var list<list<array<int, true>>> by task that it does: the tools that each way of doing it rests on */
    private array $rests = [];

    /** @param ShopWork $work all that the kit may be for */
    public function __construct(public readonly KitAsItStands $kit, private readonly ShopWork $work) {}

    private function matrix(): Matrix
    {
        if ($this->matrix === null) {
            $matrix = new Matrix([], array_map(static fn(TakingPart $part): Tool => $part->tool, $this->kit->tools), true);
            foreach ($this->work->of($this->kit) as [$judging, $operation, $work]) {
                $rests = [];
                foreach (array_keys($matrix->task($judging, $operation, $work)->doers) as $tool) {
                    $rests[] = [$tool => true] + array_fill_keys($matrix->closure($tool) ?? [], true);
                }
                if ($rests !== []) {
                    $this->rests[] = $rests;
                }
            }
            $this->matrix = $matrix;
        }

        return $this->matrix;
    }

    /** @return list<Way> whatever takes part in it, whether it can do without or not */
    public function ways(): array
    {
        return array_map(fn(TakingPart $part): Way => Way::moving($part->tool, $this->kit->of->id), $this->kit->tools);
    }

    /** @param list<Way> $ways those of other kits are no matter */
    public function canDoWithout(array $ways): bool
    {
        $gone = [];
        foreach ($ways as $way) {
            if ($way->means === Means::Move && $way->from === $this->kit->of->id && $this->kit->count($way->tool->id) === 1) {
                $gone[(int) $this->matrix()->at($way->tool->id)] = true;
            }
        }
        foreach ($gone === [] ? [] : $this->rests as $rests) {
            foreach ($rests as $on) {
                if (array_intersect_key($on, $gone) === []) {
                    continue 2;
                }
            }

            return false;
        }

        return true;
    }
}
