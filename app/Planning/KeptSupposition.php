<?php

declare(strict_types=1);

namespace App\Planning;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\Kit;
use App\Models\Scope;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\RulesCodec;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/**
 * What was supposed of a kit and a scope becomes so, in one step of the history: the kit is packed so, house rules are the scope's own,
 * lines have the other terminals, and what came from the shelf is the shop's. It is said of what is there when it is written: what somebody
 * else has done meanwhile stays.
 */
final readonly class KeptSupposition
{
    public function __construct(private ShopStore $store, private ShopChanges $changes, private ShopWorkbook $shops, private ObjectCodec $objects, private RulesCodec $codec) {}

    /**
     * @param \stdClass $rules        as they were said
     * @param bool      $mayMakeTools whether what is of the shelf may become the shop's
     *
     * @throws ModelNotFoundException<Kit|Scope> when the shop has no such kit or scope
     * @throws InvalidWorkbook                   when something is supposed that there is not, or all is so already
     * @throws AuthorizationException            when a tool of the shelf is not for them to take over
     */
    public function keep(Shop $shop, ?string $kit, string $scope, AskedReport $asked, \stdClass $rules, bool $mayMakeTools): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($kit, $scope, $asked, $rules, $mayMakeTools): Written {
            $is = $this->shops->pair($locked, $kit, $scope, $asked->with, terminals: array_values($asked->exchange->terminals));
            $becomes = $asked->supposed($is);
            $tools = $this->tools($is, $becomes);
            if ($tools !== [] && !$mayMakeTools) {
                throw new AuthorizationException('A tool of the shelf becomes the shop’s by the lead.');
            }
            $changes = [...$tools, ...$this->kit($is, $becomes), ...$this->rules($is, $rules), ...$this->lines($is, $becomes)];
            if ($changes === []) {
                throw new InvalidWorkbook([new Problem('', null, 'must be something that is not so already')]);
            }

            return $this->changes->write($locked, Event::Edited, $changes);
        });
    }

    /** @return list<Change> */
    private function tools(Workbook $is, Workbook $becomes): array
    {
        $known = array_column($is->tools, null, 'id');
        $new = array_filter($becomes->tools, static fn(Tool $tool): bool => !isset($known[$tool->id]));

        return array_values(array_map(fn(Tool $tool): Change => new Change(new Place(WorkbookList::Tools->value, $tool->id), null, $this->objects->write($tool)), $new));
    }

    /** @return list<Change> */
    private function kit(Workbook $is, Workbook $becomes): array
    {
        $before = isset($is->kits[0]) ? $this->objects->write($is->kits[0]) : null;
        $after = isset($becomes->kits[0]) ? $this->objects->write($becomes->kits[0]) : null;

        return $before === null || $after === null || self::isSame($before, $after) ? [] : [new Change(new Place(WorkbookList::Kits->value, $before->id), $before, $after)];
    }

    /** @return list<Change> */
    private function rules(Workbook $is, \stdClass $rules): array
    {
        $before = $this->objects->write($is->scopes[0]);
        unset($before->lines);
        $after = clone $before;
        // A preset sets every rule: what the scope had said of any goes.
        $own = $before->houseRules ?? new \stdClass();
        $after->houseRules = $this->codec->write($this->codec->read((object) (isset($rules->preset) ? (array) $rules : (array) $rules + (array) $own)));

        return (array) $rules === [] || self::isSame($own, $after->houseRules) ? [] : [new Change(new Place(WorkbookList::Scopes->value, $before->id), $before, $after)];
    }

    /** @return list<Change> */
    private function lines(Workbook $is, Workbook $becomes): array
    {
        $scope = $is->scopes[0];
        $after = array_column($becomes->scopes[0]->lines, null, 'id');
        $changed = array_filter($scope->lines, static fn(Line $line): bool => $after[$line->id] !== $line && $after[$line->id]->terminal !== $line->terminal);

        return array_values(array_map(fn(Line $line): Change => new Change(Place::line($scope->id, $line->id), $this->objects->write($line), $this->objects->write($after[$line->id])), $changed));
    }

    /** Both as the codec writes them. */
    private static function isSame(\stdClass $one, \stdClass $other): bool
    {
        return json_encode($one, JSON_THROW_ON_ERROR) === json_encode($other, JSON_THROW_ON_ERROR);
    }
}
