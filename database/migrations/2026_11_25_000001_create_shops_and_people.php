<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('shops', static function (Blueprint $table): void {
            $table->id();
            $table->string('name', 200);
            $table->boolean('is_demo')->default(false);
            $table->jsonb('house_rules')->nullable();
            $table->timestampsTz();
        });
        Schema::create('users', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 200);
            $table->string('email', 254)->unique();
            $table->string('password');
            $table->string('role', 20);
            $table->rememberToken();
            $table->timestampsTz();
            $table->unique(['shop_id', 'id']);
        });
        DB::statement("alter table users add constraint users_role_check check (role in ('lead', 'coordinator', 'hand'))");
        DB::statement('alter table users add constraint users_email_check check (email = lower(email))');
        Schema::create('sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('cache', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration');
        });
        Schema::create('cache_locks', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration');
        });
    }

    public function down(): void
    {
        foreach (['cache_locks', 'cache', 'sessions', 'users', 'shops'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
