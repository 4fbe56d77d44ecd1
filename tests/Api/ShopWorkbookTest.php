<?php

declare(strict_types=1);

use App\Imports\ImportPlan;
use App\Reading\Columns;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Database\Eloquent\ModelNotFoundException;

it('reads one kit and one scope with just what they need', function (): void {
    $pair = (new ShopWorkbook())->pair($this->demo(), 'panel-bench', 'station-panel');
    expect(array_column($pair->kits, 'id'))->toBe(['panel-bench'])
        ->and(array_column($pair->scopes, 'id'))->toBe(['station-panel'])
        ->and($pair->wires)->toHaveCount(9)
        ->and(array_column($pair->tools, 'id'))->not->toContain('ring-sheath')
        ->and($pair->houseRules?->preset?->value)->toBe('building')
        ->and($pair->rulesFor($pair->scopes[0])->openFlame)->toBeFalse();
});

it('asks the database a few times, however large the scope', function (): void {
    $shop = $this->demo();
    $count = function (string $kit, string $scope) use ($shop): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        (new ShopWorkbook())->pair($shop, $kit, $scope);

        return count(DB::getQueryLog());
    };
    expect($count('pylon-backpack', 'tower-7'))->toBeLessThanOrEqual(10)->and($count('panel-bench', 'station-panel'))->toBeLessThanOrEqual(10);
});

it('finds no kit and no scope of another shop', function (): void {
    $this->demo();
    $elsewhere = App\Models\Shop::query()->findOrFail($this->emptyShop()->shop_id);
    expect(fn() => (new ShopWorkbook())->pair($elsewhere, 'panel-bench', 'station-panel'))->toThrow(ModelNotFoundException::class);
});

it('keeps the numbers of a wire as they were', function (): void {
    $this->demo();
    $row = DB::table('wires')->where('code', 'heat-3x1.5')->first();
    assert($row instanceof stdClass);
    $item = Columns::of(Wire::class)->toItem($row);
    expect($item->id)->toBe('heat-3x1.5')
        ->and((float) $item->insulationOd)->toBe(2.9)
        ->and($item->sheath)->toEqual((object) ['material' => 'lszh', 'shape' => 'round', 'od' => 9.4, 'strip' => 120])
        ->and(property_exists($item, 'code'))->toBeFalse();
});

it('keeps the order of tools in a kit, which decides among equals', function (): void {
    $shop = $this->demo();
    $order = array_map(static fn(KitEntry $entry): string => $entry->tool->id, array_slice((new ShopWorkbook())->pair($shop, 'pylon-backpack', 'tower-7')->kits[0]->tools, 0, 3));
    expect($order)->toBe(['diagonal-200', 'cable-cut', 'self-adjusting']);
});

it('plans by content, not by how it is written', function (string $change, array $wires): void {
    $codec = new WorkbookCodec();
    $shop = $codec->read($this->demoText());
    $document = json_decode($this->demoText());
    match ($change) {
        'default written out' => $document->wires[0]->cores = 1,
        'figure written otherwise' => $document->wires[0]->insulationOd = 2.10,
        'size written otherwise' => $document->wires[0]->size = '0,5 mm²',
        'another figure' => $document->wires[0]->insulationOd = 2.2,
        'another order' => $document->wires = array_reverse($document->wires),
        default => throw new LogicException($change),
    };
    expect(ImportPlan::between($shop, $codec->read((string) json_encode($document)))->counts['wires'])->toBe(['added' => $wires[0], 'changed' => $wires[1], 'left' => $wires[2]]);
})->with([
    ['default written out', [0, 0, 30]],
    ['figure written otherwise', [0, 0, 30]],
    ['size written otherwise', [0, 1, 29]],
    ['another figure', [0, 1, 29]],
    ['another order', [0, 0, 30]],
]);
