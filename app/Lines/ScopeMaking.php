<?php

declare(strict_types=1);

namespace App\Lines;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Models\Scope;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Version;
use App\Writing\Written;
use Gondrik\Core\Scope\Scope as CoreScope;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Scopes made of scopes: a copy with all its lines, and one that takes another in. */
final readonly class ScopeMaking
{
    public function __construct(private ShopStore $store, private ShopWorkbook $shops, private ShopChanges $changes) {}

    /**
     * @throws InvalidWorkbook               when the id is taken, or the name is none
     * @throws ModelNotFoundException<Scope> when the shop has no such scope
     */
    public function copy(Shop $shop, string $scope, string $name, string $id): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($scope, $name, $id): Written {
            if ($locked->scopes()->where('code', $id)->exists()) {
                throw new InvalidWorkbook([new Problem('id', $id, 'an id that no other scope of the shop has')]);
            }
            $copy = clone $this->whole($locked, $scope);
            unset($copy->archived);
            $copy->id = $id;
            $copy->name = $name;

            return $this->changes->write($locked, Event::Copied, [new Change(new Place(WorkbookList::Scopes->value, $id), null, $copy)], ['from' => $scope]);
        });
    }

    /**
     * Takes the lines of another scope in: what is the same work there is added to its line here, all else follows at the end.
     * The other one is put away.
     *
     * @throws InvalidWorkbook               when it is the same scope, or its lines count otherwise than those of this one
     * @throws ModelNotFoundException<Scope> when the shop has not both
     */
    public function merge(Shop $shop, string $scope, string $other): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($scope, $other): Written {
            if ($scope === $other) {
                throw new InvalidWorkbook([new Problem('scope', $other, 'another scope')]);
            }
            $from = $this->whole($locked, $other);
            [$into, $coming] = [$this->scope($locked, $scope), $this->scope($locked, $other)];
            $before = array_column($this->shops->writtenLines($locked, $scope), null, 'id');
            $changes = [];
            try {
                $both = $into->with($coming);
            } catch (Invalid $apart) {
                throw new InvalidWorkbook([new Problem('scope', $other, 'a scope that is ' . $apart->expected)]);
            }
            foreach ($this->lines($both) as $id => $line) {
                if (!isset($before[$id]) || Version::of($before[$id]) !== Version::of($line)) {
                    $changes[] = new Change(Place::line($scope, (string) $id), $before[$id] ?? null, $line);
                }
            }
            $head = clone $from;
            unset($head->lines);
            $away = clone $head;
            $away->archived = true;

            return $this->changes->write($locked, Event::Merged, [...$changes, new Change(new Place(WorkbookList::Scopes->value, $other), $head, $away)], ['from' => $other]);
        });
    }

    private function scope(Shop $shop, string $scope): CoreScope
    {
        $found = $this->shops->things($shop, WorkbookList::Scopes, [$scope], withLines: true)[0] ?? null;

        return $found instanceof CoreScope ? $found : throw (new ModelNotFoundException())->setModel(Scope::class);
    }

    /** @return array<\stdClass> by id, as the codec writes them */
    private function lines(CoreScope $scope): array
    {
        return array_column(array_map((new ObjectCodec())->write(...), $scope->lines), null, 'id');
    }

    private function whole(Shop $shop, string $scope): \stdClass
    {
        return $this->changes->present($shop, new Place(WorkbookList::Scopes->value, $scope), whole: true) ?? throw (new ModelNotFoundException())->setModel(Scope::class);
    }
}
