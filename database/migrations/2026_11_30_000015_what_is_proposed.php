<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* A wire or terminal that a coordinator has made counts at once; the lead still has to look at it. */
return new class extends Migration {
    public function up(): void
    {
        foreach (['wires', 'terminals'] as $list) {
            Schema::table($list, static fn(Blueprint $table) => $table->text('proposed_by')->nullable());
        }
    }

    public function down(): void
    {
        foreach (['wires', 'terminals'] as $list) {
            Schema::table($list, static fn(Blueprint $table) => $table->dropColumn('proposed_by'));
        }
    }
};
