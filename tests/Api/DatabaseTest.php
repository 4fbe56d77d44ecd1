<?php

declare(strict_types=1);

use App\Models\Shop;
use App\Reading\ShopWorkbook;
use Illuminate\Database\QueryException;

it('refuses in the database itself what must never stand there', function (Closure $break, string $constraint): void {
    $shop = $this->demo();
    $elsewhere = Shop::query()->findOrFail($this->emptyShop()->shop_id);
    expect(static fn() => DB::transaction(static fn() => $break($shop, $elsewhere)))->toThrow(QueryException::class, $constraint);
})->with([
    'two wires of one code in a shop' => [static fn(Shop $shop) => DB::table('wires')->where('code', 'flex-1')->update(['code' => 'flex-4']), 'wires_shop_id_code_unique'],
    'a line with a wire of another shop' => [static function (Shop $shop, Shop $elsewhere): void {
        $wire = (array) DB::table('wires')->where('code', 'flex-1')->first();
        unset($wire['id']);
        $foreign = DB::table('wires')->insertGetId([...$wire, 'shop_id' => $elsewhere->id]);
        DB::table('lines')->where('code', 'clamp-1')->update(['wire_id' => $foreign]);
    }, 'lines_shop_id_wire_id_foreign'],
    'a wire that a line needs taken away' => [static fn() => DB::table('wires')->where('code', 'flex-1')->delete(), 'lines_shop_id_wire_id_foreign'],
    'a tool that a kit holds taken away' => [static fn() => DB::table('tools')->where('code', 'hex-lug')->delete(), 'kit_tools_shop_id_tool_id_foreign'],
    'a construction that is none' => [static fn() => DB::table('wires')->where('code', 'flex-1')->update(['construction' => 'braided']), 'wires_construction_check'],
    'a class that is none' => [static fn() => DB::table('terminals')->where('code', 'lug-16-m8')->update(['class' => 'glued']), 'terminals_class_check'],
    'a line of nothing' => [static fn() => DB::table('lines')->where('code', 'clamp-1')->update(['wire_id' => null]), 'lines_work_check'],
    'no quantity' => [static fn() => DB::table('lines')->where('code', 'clamp-1')->update(['quantity' => 0]), 'lines_counts_check'],
    'no tool at all of a kind' => [static fn() => DB::table('kit_tools')->update(['count' => 0]), 'kit_tools_count_check'],
    'a role that is none' => [static fn() => DB::table('users')->update(['role' => 'owner']), 'users_role_check'],
    'capabilities that are no list' => [static fn() => DB::table('tools')->where('code', 'hex-lug')->update(['capabilities' => '{}']), 'tools_capabilities_check'],
]);

it('can be taken back', function (): void {
    $this->artisan('migrate:rollback')->assertSuccessful();
    expect(Schema::hasTable('lines'))->toBeFalse();
    $this->artisan('migrate')->assertSuccessful();
});

it('carries over what stood there before sleeves had kinds and testers were told apart', function (): void {
    // All but the first four.
    $this->artisan('migrate:rollback', ['--step' => count(glob(database_path('migrations/*.php')) ?: []) - 4])->assertSuccessful();
    $shop = DB::table('shops')->insertGetId(['name' => 'Old', 'house_rules' => json_encode(['pullTest' => true, 'carry' => ['voltage-tester', 'meter']])]);
    $item = static fn(string $code): array => ['shop_id' => $shop, 'code' => $code, 'name' => $code, 'position' => 1];
    $wire = DB::table('wires')->insertGetId([...$item('w'), 'size' => '16 AWG', 'construction' => 'stranded', 'insulation' => 'pvc', 'conductor' => 'copper', 'cores' => 1]);
    $terminal = ['class' => 'insulated', 'size' => '16-14 AWG', 'wires_per_barrel' => 1, 'sealed' => false, 'sleeve_to_rear' => false, 'ends' => 1];
    $sleeved = DB::table('terminals')->insertGetId([...$item('sleeved'), ...$terminal, 'sleeve' => true]);
    DB::table('terminals')->insert([...$item('plain'), ...$terminal, 'sleeve' => false]);
    DB::table('tools')->insert([...$item('tester'), 'kind' => 'voltage-tester', 'capabilities' => '[]', 'requires' => '[]', 'compact' => false, 'one_handed' => false, 'energy' => 'hand', 'in_place_only' => false]);
    $scope = DB::table('scopes')->insertGetId([...$item('s'), 'house_rules' => json_encode(['pullTest' => false])]);
    foreach (['a' => true, 'b' => false] as $code => $sleeve) {
        DB::table('lines')->insert(['shop_id' => $shop, 'scope_id' => $scope, 'code' => $code, 'position' => 1, 'wire_id' => $wire, 'terminal_id' => $sleeved, 'quantity' => 1, 'wires_in_barrel' => 1, 'prep' => 'none', 'place' => 'plain', 'wet' => false, 'ambient' => 20, 'no_mains' => false, 'access' => 'open', 'mid_span' => false, 'housing' => false, 'sleeve' => $sleeve, 'add' => '[]', 'drop' => '[]']);
    }
    $this->artisan('migrate')->assertSuccessful();

    $workbook = (new ShopWorkbook())->whole(Shop::query()->findOrFail($shop));
    expect($workbook->houseRules?->pullTest?->value)->toBe('every')
        ->and(array_column($workbook->houseRules->carry ?? [], 'value'))->toBe(['two-pole-tester', 'meter'])
        ->and($workbook->scopes[0]->houseRules?->pullTest?->value)->toBe('no')
        ->and($workbook->tools[0]->kind->value)->toBe('two-pole-tester')
        ->and($workbook->terminals[0]->sleeve->value)->toBe('plain')
        ->and($workbook->terminals[1]->sleeve->value)->toBe('none')
        ->and($workbook->scopes[0]->lines[0]->joint->sleeve?->value)->toBe('plain')
        // It said nothing of its own, so it takes what its terminal brings, as before.
        ->and($workbook->scopes[0]->lines[1]->joint->sleeve)->toBeNull();
});
