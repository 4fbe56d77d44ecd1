<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* Lines and kits' tools are asked for by their shop; by scope and kit they are found in the unique indexes, which begin with these. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('lines', static function (Blueprint $table): void {
            $table->index('shop_id');
            $table->dropIndex('lines_scope_id_index');
        });
        Schema::table('kit_tools', static function (Blueprint $table): void {
            $table->index('shop_id');
            $table->dropIndex('kit_tools_kit_id_index');
        });
    }

    public function down(): void
    {
        Schema::table('lines', static function (Blueprint $table): void {
            $table->dropIndex(['shop_id']);
            $table->index('scope_id');
        });
        Schema::table('kit_tools', static function (Blueprint $table): void {
            $table->dropIndex(['shop_id']);
            $table->index('kit_id');
        });
    }
};
