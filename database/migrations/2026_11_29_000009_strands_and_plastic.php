<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * The diameter of one strand of a wire, and the plastic over the barrel of a terminal. What is in the database already states
 * neither; a knife whose blade is set to a depth stays the knife it was written down as.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('wires', static function (Blueprint $table): void {
            $table->double('strand_diameter')->nullable();
        });
        Schema::table('terminals', static function (Blueprint $table): void {
            $table->jsonb('cover')->nullable();
        });
        DB::statement("alter table wires add constraint wires_strand_diameter_check check (strand_diameter is null or (strand_diameter > 0 and construction <> 'solid'))");
    }

    public function down(): void
    {
        DB::statement('alter table wires drop constraint wires_strand_diameter_check');
        Schema::table('wires', static function (Blueprint $table): void {
            $table->dropColumn('strand_diameter');
        });
        Schema::table('terminals', static function (Blueprint $table): void {
            $table->dropColumn('cover');
        });
    }
};
