<?php

declare(strict_types=1);

namespace App\Things;

use App\History\Change;
use App\History\Event;
use App\History\Journal;
use App\History\Place;
use App\Models\ListRow;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use App\Writing\FreeId;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\StaleVersion;
use App\Writing\Version;
use App\Writing\Written;
use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Listing\DecimalSign;
use Gondrik\Core\Listing\Listed;
use Gondrik\Core\Listing\ListReader;
use Gondrik\Core\Listing\ListWriter;
use Gondrik\Core\Output\ThingWriter;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The wires, terminals, tools, kits, people and things of a shop as tables: written, read and, once they were looked at, taken in. */
final readonly class ThingTable
{
    public function __construct(private ShopStore $store, private ShopWorkbook $shops, private ShopChanges $changes, private Journal $journal, private ObjectCodec $objects) {}

    /** @return non-empty-list<list<string>> the names of the columns, then the rows */
    public function written(Shop $shop, WorkbookList $list, DecimalSign $sign = DecimalSign::Point): array
    {
        /** @var list<\Gondrik\Core\Wire\Wire>|list<\Gondrik\Core\Terminal\Terminal>|list<\Gondrik\Core\Tool\Tool>|list<\Gondrik\Core\Tool\Kit>|list<Person>|list<Asset> $things */
        $things = $list->of($this->shops->whole($shop));

        return (new ListWriter(self::class($list), $sign))->table($things);
    }

    /**
     * @return non-empty-list<list<string>> the lines of a scope in the same way
     *
     * @throws ModelNotFoundException<\App\Models\Scope> when the shop has no such scope
     */
    public function lines(Shop $shop, string $scope, DecimalSign $sign = DecimalSign::Point): array
    {
        return (new ListWriter(Line::class, $sign))->table($this->shops->lines($shop, $scope));
    }

    /**
     * What holds one of a list that is kept as a table.
     *
     * @return class-string<Wire|Terminal|Tool|Kit|Person|Asset>
     */
    public static function class(WorkbookList $list): string
    {
        $class = $list->class();
        assert(in_array($class, [Wire::class, Terminal::class, Tool::class, Kit::class, Person::class, Asset::class], true));

        return $class;
    }

    /**
     * What rows say, and what that would do to the shop. Nothing is written.
     *
     * @param array<int, list<string>> $rows by their place in the table
     *
     * @return list<array<string, mixed>> each thing with its rows, problems, status (new, changed, same, bad) and the version that the shop has of it
     */
    public function read(Shop $shop, WorkbookList $list, Mapping $mapping, array $rows): array
    {
        $whole = $this->shops->whole($shop);
        $has = [];
        foreach ($list->of($whole) as $thing) {
            $has[$thing->id] = Version::of($this->objects->write($thing));
        }
        $given = [];
        $idOf = static function (string $name) use ($has, &$given): string {
            $id = FreeId::of($name, static fn(string $id): bool => isset($has[$id]) || isset($given[$id]));
            $given[$id] = true;

            return $id;
        };

        return array_map(function (Listed $listed) use ($has): array {
            $version = $listed->thing === null ? null : $has[$listed->thing->id] ?? null;
            $status = match (true) {
                $listed->thing === null => 'bad',
                $version === null => 'new',
                default => $version === Version::of($this->objects->write($listed->thing)) ? 'same' : 'changed',
            };

            return [...ThingWriter::listed($listed), 'status' => $status, 'version' => $version];
        }, (new ListReader($whole))->read(self::class($list), $mapping, $rows, $idOf));
    }

    /**
     * Adds and changes things as they were looked at, all or none.
     *
     * @param list<array{thing: \stdClass, version: string|null}> $things the version that was seen of each; null for what was not there
     *
     * @throws InvalidWorkbook with every problem, below "changes/N/wire" and so on
     * @throws StaleVersion    when one is another by now than the one that was seen
     */
    public function take(Shop $shop, WorkbookList $list, array $things): Written
    {
        return $this->store->change($shop, function (Shop $locked) use ($list, $things): Written {
            $ids = array_values(array_filter(array_map(static fn(array $one): mixed => $one['thing']->id ?? null, $things), is_string(...)));
            $present = [];
            foreach ($this->shops->things($locked, $list, $ids) as $thing) {
                $present[$thing->id] = $this->objects->write($thing);
            }
            $changes = [];
            foreach ($things as ['thing' => $thing, 'version' => $version]) {
                $id = is_string($thing->id ?? null) ? $thing->id : '';
                $before = $present[$id] ?? null;
                if ($before !== null && $version !== Version::of($before)) {
                    throw new StaleVersion(Version::with($before), $this->journal->last($locked, new Place($list->value, $id)));
                }
                if ($before === null && $version !== null) {
                    throw (new ModelNotFoundException())->setModel(ListRow::class);
                }
                $changes[] = new Change(new Place($list->value, $id), $before, $thing);
            }

            return $this->changes->write($locked, Event::of($changes), $changes);
        });
    }
}
