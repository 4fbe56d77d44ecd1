<?php

declare(strict_types=1);

use App\Models\Shop;
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
