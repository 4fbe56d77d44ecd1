<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Which person of the shop an account is: of those that there are, where exactly one has its name. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->unsignedBigInteger('person_id')->nullable()->unique();
        });
        DB::statement('alter table users add constraint users_person_fk foreign key (shop_id, person_id) references people (shop_id, id) on delete set null (person_id)');
        DB::statement(<<<'SQL'
            update users set person_id = named.id
            from (select shop_id, name, min(id) as id from people group by shop_id, name having count(*) = 1) named
            where named.shop_id = users.shop_id and named.name = users.name
                and (select count(*) from users other where other.shop_id = users.shop_id and other.name = users.name) = 1
            SQL);
    }

    public function down(): void
    {
        DB::statement('alter table users drop constraint users_person_fk');
        Schema::table('users', static fn(Blueprint $table) => $table->dropColumn('person_id'));
    }
};
