<?php

declare(strict_types=1);

namespace App\Workbook;

use App\Models\CatalogueItem;
use App\Models\Kit;
use App\Models\KitTool;
use App\Models\Line;
use App\Models\Scope;
use App\Models\Shop;
use App\Models\Tool;
use Gondrik\Core\Scope as CoreScope;
use Gondrik\Core\Terminal as CoreTerminal;
use Gondrik\Core\Tool as CoreTool;
use Gondrik\Core\Wire as CoreWire;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectField;
use Gondrik\Core\Workbook\ObjectPlan;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Collection;

/** A shop's rows as a workbook. */
final readonly class ShopWorkbook
{
    public function __construct(private WorkbookCodec $codec = new WorkbookCodec()) {}

    /** Everything the shop has, in the order in which it came. */
    public function whole(Shop $shop): Workbook
    {
        return $this->read(
            $shop,
            $shop->wires()->orderBy('position')->get(),
            $shop->terminals()->orderBy('position')->get(),
            $shop->tools()->orderBy('position')->get(),
            $shop->kits()->with('entries.tool')->orderBy('position')->get(),
            $shop->scopes()->with('lines.wire', 'lines.wireB', 'lines.terminal')->orderBy('position')->get(),
        );
    }

    /**
     * One kit and one scope with what they need of the catalogue.
     *
     * @throws ModelNotFoundException<Kit|Scope> when the shop has no such kit or scope
     */
    public function pair(Shop $shop, string $kit, string $scope): Workbook
    {
        $kitRow = $shop->kits()->with('entries.tool')->where('code', $kit)->firstOrFail();
        $scopeRow = $shop->scopes()->with('lines.wire', 'lines.wireB', 'lines.terminal')->where('code', $scope)->firstOrFail();
        $lines = $scopeRow->lines;
        $tools = $kitRow->entries->map(static fn(KitTool $entry): Tool => $entry->tool);
        $missing = $tools->flatMap(static fn(Tool $tool): array => (array) $tool->getAttribute('requires'))->diff($tools->pluck('code'));
        // A kit may lack what its tools require: the report says so, and for that the required tools must be known.
        $required = $this->requiredOf($shop, $missing);

        return $this->read(
            $shop,
            $lines->pluck('wire')->concat($lines->pluck('wireB'))->filter()->unique('id'),
            $lines->pluck('terminal')->filter()->unique('id'),
            $tools->concat($required)->unique('id'),
            collect([$kitRow]),
            collect([$scopeRow]),
        );
    }

    /**
     * @param Collection<int, mixed> $codes
     *
     * @return Collection<int, Tool>
     */
    private function requiredOf(Shop $shop, Collection $codes): Collection
    {
        $found = collect();
        while ($codes->isNotEmpty()) {
            $tools = $shop->tools()->whereIn('code', $codes->all())->get();
            $found = $found->concat($tools);
            $codes = $tools->flatMap(static fn(Tool $tool): array => (array) $tool->getAttribute('requires'))->diff($found->pluck('code'));
        }

        return $found;
    }

    /**
     * @param Collection<int, covariant CatalogueItem> $wires
     * @param Collection<int, covariant CatalogueItem> $terminals
     * @param Collection<int, covariant CatalogueItem> $tools
     * @param Collection<int, Kit>                     $kits
     * @param Collection<int, Scope>                   $scopes
     *
     * @throws InvalidWorkbook when rows do not go together; imports see to it that they do
     */
    private function read(Shop $shop, Collection $wires, Collection $terminals, Collection $tools, Collection $kits, Collection $scopes): Workbook
    {
        $document = (object) [
            'title' => $shop->name,
            ...$shop->house_rules === null ? [] : ['houseRules' => $shop->house_rules],
            'wires' => self::items($wires, self::keys(CoreWire\Wire::class)),
            'terminals' => self::items($terminals, self::keys(CoreTerminal\Terminal::class)),
            'tools' => self::items($tools, self::keys(CoreTool\Tool::class)),
            'kits' => $kits->map($this->kit(...))->values()->all(),
            'scopes' => $scopes->map($this->scope(...))->values()->all(),
        ];

        return $this->codec->readStored($document);
    }

    /**
     * @param Collection<int, covariant CatalogueItem> $rows
     * @param list<string>                             $keys
     *
     * @return list<\stdClass>
     */
    private static function items(Collection $rows, array $keys): array
    {
        return array_values($rows->map(static fn(CatalogueItem $row): \stdClass => Columns::toItem($row, $keys))->all());
    }

    private function kit(Kit $kit): \stdClass
    {
        $item = Columns::toItem($kit, array_values(array_diff(self::keys(CoreTool\Kit::class), ['tools'])));
        $item->tools = $kit->entries->map(static fn(KitTool $entry): \stdClass => (object) ['tool' => $entry->tool->code, 'count' => $entry->count])->all();

        return $item;
    }

    private function scope(Scope $scope): \stdClass
    {
        $item = Columns::toItem($scope, array_values(array_diff(self::keys(CoreScope\Scope::class), ['lines'])));
        $item->lines = $scope->lines->map(function (Line $line): \stdClass {
            $keys = array_diff(self::keys(CoreScope\Line::class), ['wire', 'terminal', 'wireB']);
            $data = Columns::toItem($line, array_values($keys));
            foreach (['wire' => $line->wire, 'terminal' => $line->terminal, 'wireB' => $line->wireB] as $key => $row) {
                if ($row !== null) {
                    $data->{$key} = $row->code;
                }
            }

            return $data;
        })->all();

        return $item;
    }

    /**
     * @param class-string $class
     *
     * @return list<string>
     */
    private static function keys(string $class): array
    {
        return array_map(static fn(ObjectField $field): string => $field->name, ObjectPlan::of($class)->keys());
    }
}
