<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * Stations, exercises and the sessions of a class. Who is signed in with a browser stood under that name; it keeps its rows under another.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::rename('sessions', 'browser_sessions');
        DB::statement('alter index sessions_pkey rename to browser_sessions_pkey');
        Schema::create('stations', static function (Blueprint $table): void {
            self::listed($table);
            // Id of a kit.
            $table->string('kit', 64)->nullable();
            $table->integer('capacity')->default(1);
        });
        DB::statement('alter table stations add constraint stations_capacity_check check (capacity >= 1)');
        Schema::create('exercises', static function (Blueprint $table): void {
            self::listed($table);
            $table->integer('minutes');
            $table->jsonb('stations');
            $table->jsonb('people')->nullable();
            $table->jsonb('after')->default('[]');
            $table->string('skill', 64)->nullable();
        });
        DB::statement("alter table exercises add constraint exercises_lists_check check (jsonb_typeof(stations) = 'array' and jsonb_typeof(after) = 'array' and (people is null or jsonb_typeof(people) = 'array'))");
        DB::statement('alter table exercises add constraint exercises_minutes_check check (minutes >= 1)');
        Schema::create('sessions', static function (Blueprint $table): void {
            self::listed($table);
            $table->jsonb('people');
            $table->jsonb('stations');
            $table->jsonb('exercises');
            $table->string('start', 5)->nullable();
            $table->string('until', 5)->nullable();
            $table->integer('slot')->default(5);
            $table->jsonb('breaks')->default('[]');
            $table->jsonb('apart')->default('[]');
            $table->text('note')->nullable();
        });
        DB::statement("alter table sessions add constraint sessions_lists_check check (jsonb_typeof(people) = 'array' and jsonb_typeof(stations) = 'array' and jsonb_typeof(exercises) = 'array' and jsonb_typeof(breaks) = 'array' and jsonb_typeof(apart) = 'array')");
        DB::statement('alter table sessions add constraint sessions_slot_check check (slot >= 1)');
    }

    public function down(): void
    {
        foreach (['sessions', 'exercises', 'stations'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::rename('browser_sessions', 'sessions');
        DB::statement('alter index browser_sessions_pkey rename to sessions_pkey');
    }

    private static function listed(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
        $table->string('code', 64);
        $table->string('name', 200);
        $table->integer('position');
        $table->timestampsTz();
        $table->unique(['shop_id', 'code']);
        $table->unique(['shop_id', 'id']);
    }
};
