<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * The people of a shop, its things one by one, and the log of what has happened to them. The log is only ever added to: a trigger
 * refuses everything else, whoever asks. What must hold with two people at once the database holds by itself: a thing is out once,
 * and a counter does not fall.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('create extension if not exists btree_gist');
        Schema::create('people', static function (Blueprint $table): void {
            self::listed($table);
            $table->string('name', 200);
            $table->jsonb('hand')->nullable();
            $table->date('until')->nullable();
            $table->text('note')->nullable();
        });
        Schema::create('assets', static function (Blueprint $table): void {
            self::listed($table);
            // What stands on its tag is what it is called.
            $table->string('name', 64)->storedAs('code');
            $table->unsignedBigInteger('tool_id');
            $table->unsignedBigInteger('home_id')->nullable();
            $table->string('serial', 200)->nullable();
            $table->date('bought')->nullable();
            $table->bigInteger('price')->nullable();
            $table->bigInteger('cycles')->default(0);
            $table->string('terms', 20)->default('owned');
            $table->jsonb('dues')->nullable();
            $table->text('note')->nullable();
            self::inSameShop($table, 'tool_id', 'tools');
            self::inSameShop($table, 'home_id', 'kits');
        });
        DB::statement("alter table assets add constraint assets_terms_check check (terms in ('owned', 'hired', 'dealer'))");
        DB::statement("alter table assets add constraint assets_dues_check check (jsonb_typeof(dues) = 'array')");
        DB::statement('alter table assets add constraint assets_counts_check check (cycles >= 0 and price >= 0)');
        Schema::create('log_entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('code', 64);
            $table->date('on');
            $table->string('what', 20);
            // All that it says, word for word as the workbook has it. The columns beside it are what the database itself asks of.
            $table->json('entry');
            $table->unsignedBigInteger('asset_id')->nullable();
            $table->bigInteger('reading')->nullable();
            $table->unsignedBigInteger('voids_id')->nullable();
            foreach (['by_id' => 'people', 'person_id' => 'people', 'kit_id' => 'kits', 'wire_id' => 'wires', 'terminal_id' => 'terminals'] as $column => $other) {
                $table->unsignedBigInteger($column)->nullable();
                self::inSameShop($table, $column, $other);
            }
            $table->unsignedBigInteger('user_id')->nullable();
            $table->timestampTz('created_at');
            $table->unique(['shop_id', 'code']);
            $table->unique(['shop_id', 'id']);
            $table->unique('voids_id');
            self::inSameShop($table, 'asset_id', 'assets');
            self::inSameShop($table, 'voids_id', 'log_entries');
            $table->index(['asset_id', 'on', 'id']);
        });
        DB::statement("alter table log_entries add constraint log_entries_what_check check (what in ('moved', 'out', 'back', 'condition', 'cycles', 'done', 'pull', 'cleared', 'skill', 'practice', 'void'))");
        DB::statement("alter table log_entries add constraint log_entries_void_check check ((what = 'void') = (voids_id is not null))");
        // From when to when each thing was out: nothing but what the log says, kept so that the database can refuse a second time.
        Schema::create('loans', static function (Blueprint $table): void {
            $table->unsignedBigInteger('out_id')->primary();
            $table->unsignedBigInteger('asset_id');
            $table->date('out_on');
            $table->unsignedBigInteger('back_id')->nullable()->unique();
            $table->date('back_on')->nullable();
            $table->foreign('out_id')->references('id')->on('log_entries');
            $table->foreign('back_id')->references('id')->on('log_entries');
            $table->foreign('asset_id')->references('id')->on('assets');
        });
        DB::statement('alter table loans add constraint loans_once exclude using gist (asset_id with =, daterange(out_on, back_on) with &&) deferrable initially deferred');
        foreach ([self::STAYS, self::RISES, self::LENDS] as $function) {
            DB::unprepared($function);
        }
        DB::statement('create trigger log_stays before update or delete on log_entries for each row execute function log_stays()');
        DB::statement('create trigger log_stays_whole before truncate on log_entries execute function log_stays()');
        DB::statement('create trigger log_rises before insert on log_entries for each row when (new.reading is not null) execute function log_rises()');
        DB::statement("create trigger log_lends after insert on log_entries for each row when (new.what in ('out', 'back', 'void')) execute function log_lends()");
    }

    public function down(): void
    {
        foreach (['loans', 'log_entries', 'assets', 'people'] as $table) {
            Schema::dropIfExists($table);
        }
        foreach (['log_stays', 'log_rises', 'log_lends'] as $function) {
            DB::statement("drop function if exists {$function}()");
        }
    }

    private const STAYS = <<<'SQL'
        create function log_stays() returns trigger language plpgsql as $$
        begin
            raise exception 'log_entries_stay: what has happened is never changed nor taken away' using errcode = 'restrict_violation';
        end $$
        SQL;

    private const RISES = <<<'SQL'
        create function log_rises() returns trigger language plpgsql as $$
        begin
            if exists (
                select 1 from log_entries other
                where other.asset_id = new.asset_id and other.reading is not null
                    and case when other."on" <= new."on" then other.reading > new.reading else other.reading < new.reading end
                    and not exists (select 1 from log_entries void where void.voids_id = other.id)
            ) then
                raise exception 'log_entries_reading: a counter does not fall' using errcode = 'check_violation';
            end if;
            return new;
        end $$
        SQL;

    private const LENDS = <<<'SQL'
        create function log_lends() returns trigger language plpgsql as $$
        begin
            if new.what = 'out' then
                insert into loans (out_id, asset_id, out_on) values (new.id, new.asset_id, new."on");
            elsif new.what = 'back' then
                update loans set back_id = new.id, back_on = new."on" where out_id = (
                    select out_id from loans where asset_id = new.asset_id and back_id is null and out_on <= new."on" order by out_on desc, out_id desc limit 1
                );
            else
                delete from loans where out_id = new.voids_id;
                update loans set back_id = null, back_on = null where back_id = new.voids_id;
            end if;
            return null;
        end $$
        SQL;

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

    /** The shop stands in the key, so that no row can point into another shop. */
    private static function inSameShop(Blueprint $table, string $column, string $other): void
    {
        $table->foreign(['shop_id', $column])->references(['shop_id', 'id'])->on($other);
        $table->index($column);
    }
};
