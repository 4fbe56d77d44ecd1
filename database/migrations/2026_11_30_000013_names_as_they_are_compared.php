<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Wires and terminals are found by their names, as an entry is compared with them, and by their codes in whatever letters. */
return new class extends Migration {
    private const FILLING = ['of', 'the', 'a', 'an', 'and', 'with', 'at', 'for', 'pcs', 'pieces'];

    public function up(): void
    {
        foreach (['wires', 'terminals'] as $list) {
            Schema::table($list, static fn(Blueprint $table) => $table->text('plain_name')->nullable());
            foreach (DB::table($list)->select(['id', 'name'])->orderBy('id')->lazy() as $row) {
                DB::table($list)->where('id', $row->id)->update(['plain_name' => self::plain($row->name)]);
            }
            DB::statement("alter table {$list} alter column plain_name set not null");
            Schema::table($list, static fn(Blueprint $table) => $table->index(['shop_id', 'plain_name']));
            DB::statement("create index {$list}_shop_id_lower_code_index on {$list} (shop_id, lower(code))");
        }
    }

    public function down(): void
    {
        foreach (['wires', 'terminals'] as $list) {
            DB::statement("drop index {$list}_shop_id_lower_code_index");
            Schema::table($list, static function (Blueprint $table): void {
                $table->dropIndex(['shop_id', 'plain_name']);
                $table->dropColumn('plain_name');
            });
        }
    }

    private static function plain(string $name): string
    {
        $words = preg_split('~\s+~u', str_replace(['mm²', '²', '×'], ['mm2', '2', 'x'], mb_strtolower(trim($name)))) ?: [];

        return implode(' ', array_diff($words, self::FILLING));
    }
};
