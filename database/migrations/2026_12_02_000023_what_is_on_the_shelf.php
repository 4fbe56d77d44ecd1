<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * What lies on a shop's shelf and is used up, the divided boxes that it buys, and in the log what was counted, came and was taken. Of
 * one item there is one stock, whoever comes second.
 */
return new class extends Migration {
    private const BEFORE = ['moved', 'out', 'back', 'condition', 'cycles', 'done', 'pull', 'cleared', 'skill', 'practice', 'void'];

    private const MORE = ['counted', 'received', 'used'];

    public function up(): void
    {
        Schema::create('stock', static function (Blueprint $table): void {
            self::listed($table);
            // What its item is called: kept so that whoever names it need not look there.
            $table->string('name', 200);
            $table->jsonb('item');
            // Equal for the same item.
            $table->string('item_key', 300);
            $table->unsignedBigInteger('terminal_id')->nullable();
            $table->jsonb('packs')->default('[]');
            $table->double('per_week')->default(0);
            $table->integer('lead_days')->default(0);
            $table->text('note')->nullable();
            $table->foreign(['shop_id', 'terminal_id'])->references(['shop_id', 'id'])->on('terminals');
            $table->index('terminal_id');
        });
        // Two that change places in one go are one another's for a moment.
        DB::statement('alter table stock add constraint stock_once unique (shop_id, item_key) deferrable initially deferred');
        DB::statement("alter table stock add constraint stock_packs_check check (jsonb_typeof(packs) = 'array')");
        DB::statement('alter table stock add constraint stock_counts_check check (per_week >= 0 and lead_days >= 0)');
        Schema::create('boxes', static function (Blueprint $table): void {
            self::listed($table);
            $table->string('name', 200);
            $table->bigInteger('price');
            $table->jsonb('holds');
        });
        DB::statement("alter table boxes add constraint boxes_holds_check check (jsonb_typeof(holds) = 'array')");
        DB::statement('alter table boxes add constraint boxes_price_check check (price >= 0)');
        Schema::table('log_entries', static function (Blueprint $table): void {
            $table->unsignedBigInteger('stock_id')->nullable();
            $table->foreign(['shop_id', 'stock_id'])->references(['shop_id', 'id'])->on('stock');
            $table->index(['stock_id', 'on', 'id']);
        });
        self::allow([...self::BEFORE, ...self::MORE]);
        DB::statement("alter table log_entries add constraint log_entries_stock_check check ((what in ('" . implode("', '", self::MORE) . "')) = (stock_id is not null))");
    }

    public function down(): void
    {
        // What speaks of a shelf that is gone goes with it; the log itself would keep it.
        $gone = "select id from log_entries where what in ('" . implode("', '", self::MORE) . "')";
        DB::statement('alter table log_entries disable trigger user');
        DB::statement("delete from log_entries where voids_id in ({$gone})");
        DB::statement("delete from log_entries where id in ({$gone})");
        DB::statement('alter table log_entries enable trigger user');
        Schema::table('log_entries', static function (Blueprint $table): void {
            $table->dropColumn('stock_id');
        });
        self::allow(self::BEFORE);
        Schema::dropIfExists('boxes');
        Schema::dropIfExists('stock');
    }

    /** @param list<string> $what */
    private static function allow(array $what): void
    {
        DB::statement('alter table log_entries drop constraint log_entries_what_check');
        DB::statement("alter table log_entries add constraint log_entries_what_check check (what in ('" . implode("', '", $what) . "'))");
    }

    private static function listed(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
        $table->string('code', 64);
        $table->integer('position');
        $table->timestampsTz();
        $table->unique(['shop_id', 'code']);
        $table->unique(['shop_id', 'id']);
    }
};
