<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\Workbook\WorkbookImport;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/** The made-up ropeway: its people, and its workbook through the same import as anybody's. */
final class DemoSeeder extends Seeder
{
    public const WORKBOOK = __DIR__ . '/../demo/tarnholt-ropeway.json';

    private const PASSWORD = 'cable-car';

    private const PEOPLE = [
        ['name' => 'Ivo Marell', 'email' => 'lead@tarnholt.example', 'role' => Role::Lead],
        ['name' => 'Sanna Quist', 'email' => 'coordinator@tarnholt.example', 'role' => Role::Coordinator],
        ['name' => 'Beno Tashe', 'email' => 'hand@tarnholt.example', 'role' => Role::Hand],
    ];

    /** Once: what somebody has changed in the demo since stays as it is. */
    public function run(WorkbookCodec $codec, WorkbookImport $importer): void
    {
        if (Shop::query()->where('is_demo', true)->exists()) {
            return;
        }
        DB::transaction(static function () use ($codec, $importer): void {
            $workbook = $codec->read((string) file_get_contents(self::WORKBOOK));
            $shop = Shop::query()->create(['name' => $workbook->title ?? 'Demo', 'is_demo' => true]);
            foreach (self::PEOPLE as $person) {
                User::query()->create([...$person, 'shop_id' => $shop->id, 'password' => self::PASSWORD]);
            }
            $importer->apply($shop, $workbook);
        });
    }

    /** @return list<array{name: string, email: string, role: string, password: string}> what the sign-in page offers */
    public static function accounts(): array
    {
        return array_map(static fn(array $person): array => [...$person, 'role' => $person['role']->value, 'password' => self::PASSWORD], self::PEOPLE);
    }
}
