<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        foreach (['kits', 'scopes'] as $name) {
            Schema::create($name, static function (Blueprint $table) use ($name): void {
                $table->id();
                $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
                $table->string('code', 64);
                $table->string('name', 200);
                $table->integer('position');
                if ($name === 'scopes') {
                    $table->jsonb('house_rules')->nullable();
                }
                $table->text('note')->nullable();
                $table->timestampsTz();
                $table->unique(['shop_id', 'code']);
                $table->unique(['shop_id', 'id']);
            });
        }
        Schema::create('kit_tools', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('kit_id');
            $table->unsignedBigInteger('tool_id');
            $table->integer('count');
            $table->integer('position');
            $table->unique(['kit_id', 'tool_id']);
            $this->inSameShop($table, 'kit_id', 'kits', cascade: true);
            $this->inSameShop($table, 'tool_id', 'tools');
        });
        DB::statement('alter table kit_tools add constraint kit_tools_count_check check (count >= 1)');
        Schema::create('lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('scope_id');
            $table->string('code', 64);
            $table->integer('position');
            $table->unsignedBigInteger('wire_id')->nullable();
            $table->unsignedBigInteger('terminal_id')->nullable();
            $table->unsignedBigInteger('wire_b_id')->nullable();
            $table->integer('quantity');
            $table->integer('wires_in_barrel');
            $table->string('prep', 20);
            $table->string('stud', 16)->nullable();
            $table->string('clamp', 20)->nullable();
            $table->string('place', 20);
            $table->boolean('wet');
            $table->double('ambient');
            $table->boolean('no_mains');
            $table->string('access', 20);
            $table->boolean('mid_span');
            $table->boolean('housing');
            $table->boolean('sleeve');
            $table->double('torque')->nullable();
            $table->double('temperature')->nullable();
            $table->jsonb('add');
            $table->jsonb('drop');
            $table->text('note')->nullable();
            $table->unique(['scope_id', 'code']);
            $this->inSameShop($table, 'scope_id', 'scopes', cascade: true);
            $this->inSameShop($table, 'wire_id', 'wires');
            $this->inSameShop($table, 'terminal_id', 'terminals');
            $this->inSameShop($table, 'wire_b_id', 'wires');
        });
        DB::statement('alter table lines add constraint lines_work_check check ((wire_id is null) = (terminal_id is null) and (wire_id is not null or torque is not null) and (wire_b_id is null or wire_id is not null))');
        DB::statement('alter table lines add constraint lines_counts_check check (quantity >= 1 and wires_in_barrel >= 1 and (torque is null or torque > 0))');
        Schema::create('imports', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('user_id');
            $table->string('file_name', 255);
            $table->text('content');
            $table->text('before')->nullable();
            $table->string('after_hash', 64)->nullable();
            $table->timestampTz('applied_at')->nullable();
            $table->timestampTz('undone_at')->nullable();
            $table->timestampsTz();
            $this->inSameShop($table, 'user_id', 'users', cascade: true);
        });
    }

    public function down(): void
    {
        foreach (['imports', 'lines', 'kit_tools', 'scopes', 'kits'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    /** The shop stands in the key, so that no row can point into another shop. */
    private function inSameShop(Blueprint $table, string $column, string $other, bool $cascade = false): void
    {
        $key = $table->foreign(['shop_id', $column])->references(['shop_id', 'id'])->on($other);
        if ($cascade) {
            $key->cascadeOnDelete();
        }
        $table->index($column);
    }
};
