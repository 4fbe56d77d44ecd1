<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('wires', function (Blueprint $table): void {
            $this->item($table);
            $table->string('size', 64);
            $table->string('construction', 20);
            $table->string('insulation', 20);
            $table->integer('strands')->nullable();
            $table->string('conductor', 20);
            $table->double('insulation_od')->nullable();
            $table->integer('cores');
            $table->jsonb('sheath')->nullable();
            $table->double('min_temperature')->nullable();
            $table->string('printed_code', 64)->nullable();
            $table->boolean('listed')->nullable();
        });
        $this->oneOf('wires', 'construction', ['solid', 'stranded', 'fine']);
        $this->oneOf('wires', 'insulation', ['pvc', 'pe', 'xlpe', 'lszh', 'rubber', 'silicone', 'etfe', 'ptfe', 'fep', 'pur', 'tpe', 'polyimide']);
        $this->oneOf('wires', 'conductor', ['copper', 'tinned-copper', 'nickel-copper', 'clad-aluminium', 'aluminium']);
        $this->check('wires', 'measures', 'cores >= 1 and (strands is null or strands >= 1) and (insulation_od is null or insulation_od > 0)');

        Schema::create('terminals', function (Blueprint $table): void {
            $this->item($table);
            $table->string('class', 30);
            $table->string('size', 64);
            $table->string('shape', 64)->nullable();
            $table->string('nest', 64)->nullable();
            $table->jsonb('strip')->nullable();
            $table->string('stud', 16)->nullable();
            $table->jsonb('insulation_od')->nullable();
            $table->jsonb('seal')->nullable();
            $table->integer('wires_per_barrel');
            $table->jsonb('takes')->nullable();
            $table->jsonb('conductors')->nullable();
            $table->boolean('sealed');
            $table->boolean('sleeve');
            $table->boolean('sleeve_to_rear');
            $table->jsonb('suits')->nullable();
            $table->smallInteger('ends');
            $table->string('extract_code', 64)->nullable();
            $table->jsonb('barrel')->nullable();
            $table->integer('price')->nullable();
        });
        $this->oneOf('terminals', 'class', ['insulated', 'heat-shrink', 'bare', 'open-barrel', 'sealed-open-barrel', 'solid-contact', 'ferrule', 'twin-ferrule', 'lug', 'tap', 'coax', 'ignition', 'solder-cup', 'solder-splice', 'screw-clamp']);
        $this->check('terminals', 'counts', 'wires_per_barrel >= 1 and ends in (1, 2) and (price is null or price >= 0)');

        Schema::create('tools', function (Blueprint $table): void {
            $this->item($table);
            $table->string('kind', 30);
            $table->jsonb('capabilities');
            $table->integer('price')->nullable();
            $table->integer('mass_grams')->nullable();
            $table->double('hand_span')->nullable();
            $table->double('grip_force')->nullable();
            $table->double('head_size')->nullable();
            $table->boolean('compact');
            $table->boolean('one_handed');
            $table->string('energy', 20);
            $table->jsonb('requires');
            $table->integer('per_use')->nullable();
            $table->integer('per_month')->nullable();
            $table->boolean('in_place_only');
            $table->text('note')->nullable();
        });
        $this->oneOf('tools', 'kind', ['cutter', 'stripper', 'sheath-stripper', 'crimper', 'press', 'die', 'heat', 'solder', 'torque', 'extractor', 'puller', 'meter', 'voltage-tester', 'eye-protection', 'first-aid', 'other']);
        $this->oneOf('tools', 'energy', ['hand', 'battery', 'mains', 'gas']);
        $this->check('tools', 'capabilities', "jsonb_typeof(capabilities) = 'array' and jsonb_typeof(requires) = 'array'");
        $this->check('tools', 'money', 'coalesce(price, 0) >= 0 and coalesce(per_use, 0) >= 0 and coalesce(per_month, 0) >= 0');
    }

    public function down(): void
    {
        foreach (['tools', 'terminals', 'wires'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    private function item(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
        $table->string('code', 64);
        $table->string('name', 200);
        $table->integer('position');
        $table->timestampsTz();
        $table->unique(['shop_id', 'code']);
        $table->unique(['shop_id', 'id']);
    }

    /** @param list<string> $values as they were when this was written: a migration does not change with the code */
    private function oneOf(string $table, string $column, array $values): void
    {
        $this->check($table, $column, $column . " in ('" . implode("', '", $values) . "')");
    }

    private function check(string $table, string $name, string $condition): void
    {
        DB::statement("alter table {$table} add constraint {$table}_{$name}_check check ({$condition})");
    }
};
