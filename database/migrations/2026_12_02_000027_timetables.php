<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* The day of a class, the timetable that it keeps, and who of it is away. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('sessions', static function (Blueprint $table): void {
            $table->string('on', 10)->nullable();
            $table->jsonb('away')->default('[]');
            $table->jsonb('timetable')->default('[]');
        });
        DB::statement("alter table sessions add constraint sessions_timetable_check check (jsonb_typeof(away) = 'array' and jsonb_typeof(timetable) = 'array')");
    }

    public function down(): void
    {
        Schema::table('sessions', static function (Blueprint $table): void {
            $table->dropColumn(['on', 'away', 'timetable']);
        });
    }
};
