<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('imports', static function (Blueprint $table): void {
            $table->unsignedBigInteger('undone_by')->nullable();
        });
        DB::statement('alter table imports add constraint imports_undone_by_foreign foreign key (shop_id, undone_by) references users (shop_id, id) on delete set null (undone_by)');
    }

    public function down(): void
    {
        Schema::table('imports', static fn(Blueprint $table) => $table->dropColumn('undone_by'));
    }
};
