<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Demo\DemoShop;
use Illuminate\Database\Seeder;

final class DemoSeeder extends Seeder
{
    public function run(DemoShop $demo): void
    {
        $demo->load();
    }
}
