<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* What a shop's prices are in, by its code of ISO 4217. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('shops', static fn(Blueprint $table) => $table->char('currency', 3)->default('EUR'));
        DB::statement("alter table shops add constraint shops_currency_check check (currency ~ '^[A-Z]{3}$')");
    }

    public function down(): void
    {
        DB::statement('alter table shops drop constraint shops_currency_check');
        Schema::table('shops', static fn(Blueprint $table) => $table->dropColumn('currency'));
    }
};
