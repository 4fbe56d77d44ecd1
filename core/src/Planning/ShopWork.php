<?php

declare(strict_types=1);

namespace Gondrik\Core\Planning;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;

/** All work that the kits of a shop may be for, each different work once, however many lines and scopes ask it. */
final class ShopWork
{
    /** @var array<string, Judging> by the rules in force */
    private array $judgings = [];

    /** @var array<string, array<string, array{Judging, Operation, Work}>> by what matters of a kit for its conditions */
    private array $works = [];

    /** @param list<PlannedScope> $scopes */
    public function __construct(private readonly array $scopes) {}

    /** @return array<string, array{Judging, Operation, Work}> as they are for a kit of this kind; its tools are no matter */
    public function of(KitAsItStands $kit): array
    {
        return $this->works[serialize([$kit->travels, $kit->hand])] ??= $this->found($kit);
    }

    /** @return array<string, array{Judging, Operation, Work}> */
    private function found(KitAsItStands $kit): array
    {
        $empty = $kit->emptied();
        $works = [];
        foreach ($this->scopes as $of) {
            $rules = serialize($of->rules);
            $judging = $this->judgings[$rules] ??= new Judging($of->rules);
            foreach (Coverage::of($empty, $of->scope, $of->rules)->lines as $cover) {
                foreach ($cover->steps as $step) {
                    $works[spl_object_id($judging) . '|' . $step->step->operation->value . '|' . $step->work->key()] ??= [$judging, $step->step->operation, $step->work];
                }
            }
        }

        return $works;
    }
}
