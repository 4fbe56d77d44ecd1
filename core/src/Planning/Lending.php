<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;

/**
 * What another kit can do without: as long as nothing that it does now becomes a hole. Of what it has twice, one may always go.
 * Only the work that rests on what is to go is looked at, when it is asked.
 */
final class Lending
{
    private readonly Matrix $matrix;

    /** @var array<int, list<string>> by tool: the works of the shop that it does */
    private array $does = [];

    /** @var array<string, list<array<int, true>>> by work: the tools that each way of doing it rests on */
    private array $rests = [];

    /** @param ShopWork $work all that the kit may be for */
    public function __construct(public readonly KitAsItStands $kit, private readonly ShopWork $work)
    {
        $this->matrix = new Matrix([], array_map(static fn(TakingPart $part): Tool => $part->tool, $kit->tools), true);
    }

    /** @return list<Way> whatever takes part in it and is good for everything, whether it can do without or not */
    public function ways(): array
    {
        $good = array_filter($this->kit->tools, static fn(TakingPart $part): bool => !$part->isSeldom);

        return array_values(array_map(fn(TakingPart $part): Way => Way::moving($part->tool, $this->kit->of->id), $good));
    }

    /** @param list<Way> $ways those of other kits are no matter */
    public function canDoWithout(array $ways): bool
    {
        $gone = [];
        foreach ($ways as $way) {
            if ($way->means === Means::Move && $way->from === $this->kit->of->id && $this->kit->count($way->tool->id) === 1) {
                $gone[(int) $this->matrix->at($way->tool->id)] = true;
            }
        }
        foreach ($gone === [] ? [] : $this->restingOn($gone) as $work) {
            foreach ($this->rests($work) as $on) {
                if (array_intersect_key($on, $gone) === []) {
                    continue 2;
                }
            }

            return false;
        }

        return true;
    }

    /**
     * @param array<int, true> $gone
     *
     * @return list<string> the works that these do, or tools which require one of them
     */
    private function restingOn(array $gone): array
    {
        $works = [];
        foreach (array_keys($this->matrix->tools) as $tool) {
            if (array_intersect_key([$tool => true] + array_fill_keys($this->matrix->closure($tool) ?? [], true), $gone) !== []) {
                $works = [...$works, ...$this->does[$tool] ??= $this->doneBy($tool)];
            }
        }

        return array_values(array_unique($works));
    }

    /** @return list<string> */
    private function doneBy(int $tool): array
    {
        return array_keys(array_filter($this->work->of($this->kit), fn(array $of): bool => $this->matrix->fit($of[0], $of[1], $of[2], $tool) !== null));
    }

    /** @return list<array<int, true>> */
    private function rests(string $work): array
    {
        return $this->rests[$work] ??= array_map(
            fn(int $tool): array => [$tool => true] + array_fill_keys($this->matrix->closure($tool) ?? [], true),
            array_keys($this->matrix->task(...$this->work->of($this->kit)[$work])->doers),
        );
    }
}
