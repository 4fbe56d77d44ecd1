<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Plans that were accepted, and what of them has arrived. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('plans', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('kit_id');
            // Whoever accepted it may leave the shop.
            $table->foreignId('accepted_by')->nullable()->constrained('users')->nullOnDelete();
            // What it was made for, and what it came to, as it was then.
            $table->jsonb('scopes');
            $table->bigInteger('cost');
            $table->integer('terminations');
            $table->integer('covered_before');
            $table->integer('covered_after');
            $table->timestampsTz();
            $table->unique(['shop_id', 'id']);
            $table->foreign(['shop_id', 'kit_id'])->references(['shop_id', 'id'])->on('kits')->cascadeOnDelete();
            $table->index('kit_id');
        });
        Schema::create('plan_items', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('plan_id');
            $table->integer('position');
            // Ids and words of then: a tool may be renamed, and taken out of the shop, while somebody waits for it.
            $table->string('tool', 64);
            $table->text('name');
            $table->text('wanted');
            $table->string('means', 20);
            $table->string('from_kit', 64)->nullable();
            $table->bigInteger('cost');
            $table->timestampTz('arrived_at')->nullable();
            $table->foreignId('arrived_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestampsTz();
            $table->foreign(['shop_id', 'plan_id'])->references(['shop_id', 'id'])->on('plans')->cascadeOnDelete();
            $table->unique(['plan_id', 'position']);
        });
        DB::statement("alter table plan_items add constraint plan_items_means_check check (means in ('buy', 'move', 'borrow', 'per-piece'))");
        DB::statement("alter table plan_items add constraint plan_items_from_check check ((from_kit is not null) = (means = 'move'))");
        DB::statement('alter table plan_items add constraint plan_items_cost_check check (cost >= 0)');
        DB::statement('alter table plans add constraint plans_figures_check check (cost >= 0 and terminations >= 0 and covered_before >= 0 and covered_after >= 0)');
    }

    public function down(): void
    {
        Schema::dropIfExists('plan_items');
        Schema::dropIfExists('plans');
    }
};
