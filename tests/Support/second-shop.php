<?php

declare(strict_types=1);

/*
 * The demo once more, as another shop with people of its own: two browsers that write at the same time each have one; and a shop in
 * which there is nothing yet, for each way through it and each attempt. Run by bin/test in the database of the browser's tests.
 */

use App\Demo\DemoShop;
use App\Imports\WorkbookImport;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Contracts\Console\Kernel;

require __DIR__ . '/../../vendor/autoload.php';

$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$workbook = $app->make(WorkbookCodec::class)->read(DemoShop::asOf(Day::read(now()->toDateString())));
$shop = Shop::query()->create(['name' => $workbook->title]);
foreach (['Ivo Marell' => Role::Lead, 'Sanna Quist' => Role::Coordinator, 'Beno Tashe' => Role::Hand] as $name => $role) {
    User::query()->create(['shop_id' => $shop->id, 'name' => $name, 'email' => $role->value . '@second.example', 'password' => 'cable-car', 'role' => $role, 'joined_at' => now()]);
}
$app->make(WorkbookImport::class)->apply($shop, $workbook);
foreach ($shop->users as $user) {
    $user->update(['person_id' => $shop->listed('people')->where('name', $user->name)->value('id')]);
}

foreach (['mouse', 'keys'] as $way) {
    foreach (range(0, 2) as $attempt) {
        $empty = Shop::query()->create(['name' => 'Ferry workshop']);
        User::query()->create(['shop_id' => $empty->id, 'name' => 'Nela Orban', 'email' => $way . $attempt . '@nothing.example', 'password' => 'cable-car', 'role' => Role::Lead, 'joined_at' => now()]);
    }
}
