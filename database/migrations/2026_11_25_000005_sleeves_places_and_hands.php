<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * Sleeves are none, plain, lined or tape; kits may stay and be for a hand; lines may be brought, and screws cut to length;
 * testers are told apart. What is in the database already is carried over.
 */
return new class extends Migration {
    private const CLASSES = ['insulated', 'heat-shrink', 'bare', 'open-barrel', 'sealed-open-barrel', 'solid-contact', 'ferrule', 'twin-ferrule', 'lug', 'tap', 'ribbon', 'coax', 'ignition', 'solder-cup', 'solder-splice', 'screw-clamp', 'push-in', 'twist-on'];

    private const KINDS = ['cutter', 'stripper', 'sheath-stripper', 'crimper', 'press', 'die', 'heat', 'solder', 'torque', 'extractor', 'puller', 'screw-cutter', 'wrench', 'pliers', 'vise', 'magnifier', 'light', 'marker', 'drill', 'duct-cutter', 'tie-tool', 'meter', 'two-pole-tester', 'proximity-tester', 'eye-protection', 'first-aid', 'other'];

    public function up(): void
    {
        foreach (['terminals' => 'class', 'tools' => 'kind', 'lines' => 'work'] as $table => $check) {
            DB::statement("alter table {$table} drop constraint {$table}_{$check}_check");
        }
        DB::statement("alter table terminals alter column sleeve type varchar(20) using case when sleeve then 'plain' else 'none' end");
        DB::statement("alter table lines alter column sleeve drop not null, alter column sleeve type varchar(20) using case when sleeve then 'plain' end");
        DB::statement("update tools set kind = 'two-pole-tester' where kind = 'voltage-tester'");
        Schema::table('terminals', static function (Blueprint $table): void {
            $table->string('grade', 20)->default('proper');
        });
        Schema::table('kits', static function (Blueprint $table): void {
            $table->boolean('travels')->default(true);
            $table->jsonb('hand')->nullable();
        });
        Schema::table('scopes', static function (Blueprint $table): void {
            $table->jsonb('carry')->default('[]');
            $table->integer('days')->nullable();
        });
        Schema::table('lines', static function (Blueprint $table): void {
            $table->boolean('movable')->default(false);
            $table->string('shear', 16)->nullable();
        });
        Schema::table('shops', static function (Blueprint $table): void {
            $table->bigInteger('version')->default(0);
        });
        Schema::table('imports', static function (Blueprint $table): void {
            $table->string('plan_hash', 64)->nullable();
        });
        $this->oneOf('terminals', 'class', self::CLASSES);
        $this->oneOf('terminals', 'sleeve', ['none', 'plain', 'lined', 'tape']);
        $this->oneOf('terminals', 'grade', ['proper', 'makeshift']);
        $this->oneOf('tools', 'kind', self::KINDS);
        $this->oneOf('lines', 'sleeve', ['none', 'plain', 'lined', 'tape']);
        $this->oneOf('lines', 'access', ['open', 'tight', 'one-handed']);
        $this->oneOf('lines', 'prep', ['none', 're-laid', 'twist', 'tin']);
        $this->check('scopes', 'days', 'days is null or days >= 1');
        $this->check('lines', 'work', '(wire_id is null) = (terminal_id is null) and (wire_id is not null or torque is not null or shear is not null) and (wire_b_id is null or wire_id is not null) and (shear is null or wire_id is null)');
        foreach (['shops', 'scopes'] as $table) {
            $this->carryOver($table);
        }
    }

    /** What the old tables could not say is told as what comes nearest, and what they did not have is forgotten. */
    public function down(): void
    {
        foreach (['terminals' => ['class', 'sleeve', 'grade'], 'tools' => ['kind'], 'lines' => ['sleeve', 'access', 'prep', 'work'], 'scopes' => ['days']] as $table => $checks) {
            foreach ($checks as $check) {
                DB::statement("alter table {$table} drop constraint {$table}_{$check}_check");
            }
        }
        DB::statement('delete from lines where wire_id is null and torque is null');
        DB::statement("update tools set kind = case when kind like '%-tester' then 'voltage-tester' when kind in ('screw-cutter', 'wrench', 'pliers', 'vise', 'magnifier', 'light', 'marker', 'drill', 'duct-cutter', 'tie-tool') then 'other' else kind end");
        DB::statement("delete from lines where terminal_id in (select id from terminals where class in ('ribbon', 'push-in', 'twist-on'))");
        DB::statement("delete from terminals where class in ('ribbon', 'push-in', 'twist-on')");
        foreach (['terminals', 'lines'] as $table) {
            DB::statement("alter table {$table} alter column sleeve type boolean using coalesce(sleeve in ('plain', 'lined'), false), alter column sleeve set not null");
        }
        DB::statement("update lines set access = 'tight' where access = 'one-handed'");
        DB::statement("update lines set prep = 'none' where prep = 're-laid'");
        foreach (['terminals' => ['grade'], 'kits' => ['travels', 'hand'], 'scopes' => ['carry', 'days'], 'lines' => ['movable', 'shear'], 'shops' => ['version'], 'imports' => ['plan_hash']] as $table => $columns) {
            Schema::dropColumns($table, $columns);
        }
        $this->oneOf('terminals', 'class', array_values(array_diff(self::CLASSES, ['ribbon', 'push-in', 'twist-on'])));
        $this->oneOf('tools', 'kind', ['cutter', 'stripper', 'sheath-stripper', 'crimper', 'press', 'die', 'heat', 'solder', 'torque', 'extractor', 'puller', 'meter', 'voltage-tester', 'eye-protection', 'first-aid', 'other']);
        $this->check('lines', 'work', '(wire_id is null) = (terminal_id is null) and (wire_id is not null or torque is not null) and (wire_b_id is null or wire_id is not null)');
    }

    /** House rules as they were written before: a pull test was every or none, and one tester stood for all. */
    private function carryOver(string $table): void
    {
        foreach (DB::table($table)->whereNotNull('house_rules')->get(['id', 'house_rules']) as $row) {
            $rules = json_decode((string) $row->house_rules, true, flags: JSON_THROW_ON_ERROR);
            if (is_bool($rules['pullTest'] ?? null)) {
                $rules['pullTest'] = $rules['pullTest'] ? 'every' : 'no';
            }
            if (isset($rules['carry'])) {
                $rules['carry'] = array_map(static fn(string $kind): string => $kind === 'voltage-tester' ? 'two-pole-tester' : $kind, $rules['carry']);
            }
            DB::table($table)->where('id', $row->id)->update(['house_rules' => json_encode((object) $rules, JSON_THROW_ON_ERROR)]);
        }
    }

    /** @param list<string> $values */
    private function oneOf(string $table, string $column, array $values): void
    {
        $this->check($table, $column, $column . " in ('" . implode("', '", $values) . "')");
    }

    private function check(string $table, string $name, string $condition): void
    {
        DB::statement("alter table {$table} add constraint {$table}_{$name}_check check ({$condition})");
    }
};
