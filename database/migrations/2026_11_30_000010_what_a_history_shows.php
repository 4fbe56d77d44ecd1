<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * What a line of the history shows, beside all that it keeps: nobody reads ten megabytes to show a line. And, for databases that
 * ran migration 7 before it named them, the figures of a line as they were typed.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement("alter table lines add column if not exists typed jsonb not null default '{}'");
        DB::statement('alter table changes add column shown json');
        DB::statement(<<<'SQL'
            update changes set shown = json_build_object(
                'changes', (
                    select coalesce(json_agg(case when octet_length(one::text) <= 20000 then one else (json_strip_nulls(json_build_object('list', one->'list', 'scope', one->'scope', 'id', one->'id'))::jsonb || jsonb_build_object(
                        'before', case when json_typeof(one->'before') = 'object' then json_build_object('id', one->'before'->'id', 'name', one->'before'->'name') end,
                        'after', case when json_typeof(one->'after') = 'object' then json_build_object('id', one->'after'->'id', 'name', one->'after'->'name') end
                    ))::json end), '[]')
                    from (select one from json_array_elements(properties->'changes') as one limit 20) as first
                ),
                'count', json_array_length(properties->'changes'),
                'more', (select coalesce(json_object_agg(key, value), '{}') from json_each(properties) where key <> 'changes')
            )
            SQL);
        DB::statement('alter table changes alter column shown set not null');
    }

    public function down(): void
    {
        DB::statement('alter table changes drop column shown');
    }
};
