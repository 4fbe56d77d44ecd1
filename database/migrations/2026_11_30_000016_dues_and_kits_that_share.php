<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What has to be done to a tool again and again, whose tools a kit's people may fetch, and when a scope begins. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('tools', static fn(Blueprint $table) => $table->jsonb('dues')->default('[]'));
        Schema::table('kits', static function (Blueprint $table): void {
            $table->boolean('tracked')->default(false);
            $table->text('like')->nullable();
            $table->jsonb('shares')->default('[]');
        });
        Schema::table('scopes', static fn(Blueprint $table) => $table->text('starts')->nullable());
    }

    public function down(): void
    {
        Schema::table('tools', static fn(Blueprint $table) => $table->dropColumn('dues'));
        Schema::table('kits', static fn(Blueprint $table) => $table->dropColumn(['tracked', 'like', 'shares']));
        Schema::table('scopes', static fn(Blueprint $table) => $table->dropColumn('starts'));
    }
};
