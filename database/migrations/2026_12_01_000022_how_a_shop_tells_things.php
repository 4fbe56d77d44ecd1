<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* In which units, with which decimal sign and in which theme a shop tells things to who has chosen nothing else; and whether it was named yet. */
return new class extends Migration {
    private const CHOICES = [
        'sizes' => ['gauge', 'metric'],
        'length' => ['mm', 'inch'],
        'force' => ['N', 'lbf'],
        'theme' => ['auto', 'light', 'dark'],
        'decimal_sign' => ['point', 'comma'],
    ];

    public function up(): void
    {
        Schema::table('shops', static function (Blueprint $table): void {
            foreach (self::CHOICES as $column => $choices) {
                $table->string($column, 10)->default($choices[0]);
            }
            $table->boolean('is_unnamed')->default(false);
        });
        foreach (self::CHOICES as $column => $choices) {
            DB::statement("alter table shops add constraint shops_{$column}_check check ({$column} in ('" . implode("', '", $choices) . "'))");
        }
    }

    public function down(): void
    {
        Schema::table('shops', static fn(Blueprint $table) => $table->dropColumn([...array_keys(self::CHOICES), 'is_unnamed']));
    }
};
