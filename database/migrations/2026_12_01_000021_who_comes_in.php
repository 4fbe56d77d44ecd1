<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Since when somebody is in, was last seen, and has left; an address is that of one account that has not. And what proves a link to come in. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->timestampTz('joined_at')->nullable();
            $table->timestampTz('last_seen_at')->nullable();
            $table->timestampTz('left_at')->nullable();
            $table->dropUnique('users_email_unique');
        });
        DB::statement('update users set joined_at = coalesce(created_at, now())');
        DB::statement('create unique index users_email_unique on users (email) where left_at is null');
        foreach (['password_reset_tokens', 'invitation_tokens'] as $tokens) {
            Schema::create($tokens, static function (Blueprint $table): void {
                $table->string('email', 254)->primary();
                $table->string('token');
                $table->timestampTz('created_at')->nullable();
            });
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('invitation_tokens');
        Schema::dropIfExists('password_reset_tokens');
        DB::statement('drop index users_email_unique');
        Schema::table('users', static function (Blueprint $table): void {
            $table->dropColumn(['joined_at', 'last_seen_at', 'left_at']);
            $table->unique('email');
        });
    }
};
