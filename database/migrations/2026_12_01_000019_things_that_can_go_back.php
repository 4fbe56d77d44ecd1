<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* The last day on which a thing can go back to where it came from. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('assets', static fn(Blueprint $table) => $table->date('return_by')->nullable());
    }

    public function down(): void
    {
        Schema::table('assets', static fn(Blueprint $table) => $table->dropColumn('return_by'));
    }
};
