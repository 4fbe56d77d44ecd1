<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/* What whoever works in the shop is to know. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('notices', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('code', 64);
            $table->string('name', 200);
            $table->text('note')->nullable();
            $table->integer('position');
            $table->timestamps();
            $table->unique(['shop_id', 'code']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('notices');
    }
};
