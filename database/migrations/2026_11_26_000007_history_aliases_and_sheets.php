<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* One history of the shop; what a shop calls its things and the columns of its tables; scopes that are put away. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('changes', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('log_name', 40);
            $table->string('event', 40);
            $table->text('description');
            $table->nullableMorphs('subject');
            $table->nullableMorphs('causer');
            // As it was written, to the letter: jsonb would put its keys in another order.
            $table->json('properties');
            $table->uuid('batch_uuid')->nullable();
            $table->timestampsTz();
            $table->index(['shop_id', 'id']);
        });
        // What each change was about ("lines/cabin/l1"), to be asked for.
        DB::statement("alter table changes add column about text[] not null default '{}'");
        DB::statement('create index changes_about_index on changes using gin (about)');
        Schema::table('scopes', static function (Blueprint $table): void {
            $table->boolean('archived')->default(false);
        });
        Schema::table('lines', static function (Blueprint $table): void {
            // Figures as they were typed, by key, beside the same in SI.
            $table->jsonb('typed')->default('{}');
        });
        Schema::create('aliases', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('words', 200);
            $table->unsignedBigInteger('wire_id')->nullable();
            $table->unsignedBigInteger('terminal_id')->nullable();
            $table->timestampsTz();
            foreach (['wire' => 'wires', 'terminal' => 'terminals'] as $one => $all) {
                $table->foreign(['shop_id', $one . '_id'])->references(['shop_id', 'id'])->on($all)->cascadeOnDelete();
                $table->index($one . '_id');
            }
        });
        DB::statement('alter table aliases add constraint aliases_one_thing_check check (num_nonnulls(wire_id, terminal_id) = 1)');
        DB::statement('alter table aliases add constraint aliases_words_check check (words = lower(words))');
        DB::statement('create unique index aliases_words_unique on aliases (shop_id, words, (wire_id is null))');
        Schema::create('column_names', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 200);
            // Null where it says nothing.
            $table->string('says', 40)->nullable();
            $table->timestampsTz();
            $table->unique(['shop_id', 'name']);
        });
    }

    public function down(): void
    {
        foreach (['column_names', 'aliases', 'changes'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::dropColumns('scopes', ['archived']);
        Schema::dropColumns('lines', ['typed']);
    }
};
