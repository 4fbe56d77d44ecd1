<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * A torque is one value: a number in N·m, or text with its unit as somebody wrote it. What was typed stood beside the figure, and
 * stayed when another way of writing changed that; only where the line was left as it was typed do the two still say the same.
 */
return new class extends Migration {
    public function up(): void
    {
        $factor = "case when typed->>'torque' ~* 'ft' then 1.3558179483314004 when typed->>'torque' ~* 'in' then 0.1129848290276167 else 1 end";
        $says = "round((replace(substring(typed->>'torque' from '\\d+(?:[.,]\\d+)?'), ',', '.')::numeric * {$factor}), 6)";
        DB::statement('alter table lines drop constraint lines_counts_check');
        DB::unprepared("alter table lines alter column torque type jsonb using case when typed ? 'torque' and {$says} = round(torque::numeric, 6) then typed->'torque' else to_jsonb(torque) end");
        DB::statement('alter table lines drop column typed');
        DB::statement("alter table lines add constraint lines_counts_check check (quantity >= 1 and wires_in_barrel >= 1 and (torque is null or jsonb_typeof(torque) = 'string' or (jsonb_typeof(torque) = 'number' and torque::numeric > 0)))");
        foreach (['properties', 'shown'] as $column) {
            DB::table('changes')->whereRaw("{$column}::text like '%\"typed\"%'")->select(['id', $column])->orderBy('id')->chunkById(100, function (iterable $rows) use ($column): void {
                foreach ($rows as $row) {
                    $kept = json_decode((string) $row->{$column}, flags: JSON_THROW_ON_ERROR);
                    $this->carryOver($kept);
                    DB::table('changes')->where('id', $row->id)->update([$column => json_encode($kept, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)]);
                }
            });
        }
    }

    public function down(): void
    {
        $factor = "case when torque#>>'{}' ~* 'ft' then 1.3558179483314004 when torque#>>'{}' ~* 'in' then 0.1129848290276167 else 1 end";
        DB::statement('alter table lines drop constraint lines_counts_check');
        DB::statement("alter table lines add column typed jsonb not null default '{}'");
        DB::statement("update lines set typed = jsonb_build_object('torque', torque) where jsonb_typeof(torque) = 'string'");
        DB::unprepared("alter table lines alter column torque type double precision using (round(replace(substring(torque#>>'{}' from '\\d+(?:[.,]\\d+)?'), ',', '.')::numeric * {$factor}, 6))::double precision");
        DB::statement('alter table lines add constraint lines_counts_check check (quantity >= 1 and wires_in_barrel >= 1 and (torque is null or torque > 0))');
    }

    /** Wherever a line of the history had its torque as it was typed beside the figure, that is the torque. */
    private function carryOver(mixed $kept): void
    {
        foreach (is_object($kept) ? get_object_vars($kept) : (is_array($kept) ? $kept : []) as $below) {
            $this->carryOver($below);
        }
        if ($kept instanceof stdClass && ($kept->typed ?? null) instanceof stdClass) {
            $kept->torque = $kept->typed->torque ?? $kept->torque ?? null;
            unset($kept->typed);
        }
    }
};
