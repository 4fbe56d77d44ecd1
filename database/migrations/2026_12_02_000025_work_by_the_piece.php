<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* A scope that is written for one fixture or cabinet, and how many of them there are. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('scopes', static function (Blueprint $table): void {
            $table->jsonb('pieces')->nullable();
        });
        DB::statement("alter table scopes add constraint scopes_pieces_check check (pieces is null or coalesce((pieces->>'count')::integer >= 1 and jsonb_exists(pieces, 'name'), false))");
    }

    public function down(): void
    {
        Schema::table('scopes', static function (Blueprint $table): void {
            $table->dropColumn('pieces');
        });
    }
};
