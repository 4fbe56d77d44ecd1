<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What proves the secret address of a shop's calendar, and since when there is one. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('shops', static function (Blueprint $table): void {
            $table->char('feed_proof', 64)->nullable()->unique();
            $table->timestampTz('feed_since')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('shops', static fn(Blueprint $table) => $table->dropColumn(['feed_proof', 'feed_since']));
    }
};
