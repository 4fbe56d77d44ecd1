<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* In the log, how long somebody took for so many pieces with a tool. */
return new class extends Migration {
    private const BEFORE = ['moved', 'out', 'back', 'condition', 'cycles', 'done', 'pull', 'cleared', 'skill', 'practice', 'void', 'counted', 'received', 'used'];

    private const MORE = 'timed';

    public function up(): void
    {
        Schema::table('log_entries', static function (Blueprint $table): void {
            $table->unsignedBigInteger('tool_id')->nullable();
            $table->foreign(['shop_id', 'tool_id'])->references(['shop_id', 'id'])->on('tools');
            $table->index(['tool_id', 'on', 'id']);
        });
        self::allow([...self::BEFORE, self::MORE]);
        DB::statement("alter table log_entries add constraint log_entries_tool_check check ((what = '" . self::MORE . "') = (tool_id is not null))");
    }

    public function down(): void
    {
        // What speaks of times that nothing can read any more goes; the log itself would keep it.
        $gone = "select id from log_entries where what = '" . self::MORE . "'";
        DB::statement('alter table log_entries disable trigger user');
        DB::statement("delete from log_entries where voids_id in ({$gone})");
        DB::statement("delete from log_entries where id in ({$gone})");
        DB::statement('alter table log_entries enable trigger user');
        Schema::table('log_entries', static function (Blueprint $table): void {
            $table->dropColumn('tool_id');
        });
        self::allow(self::BEFORE);
    }

    /** @param list<string> $what */
    private static function allow(array $what): void
    {
        DB::statement('alter table log_entries drop constraint log_entries_what_check');
        DB::statement("alter table log_entries add constraint log_entries_what_check check (what in ('" . implode("', '", $what) . "'))");
    }
};
