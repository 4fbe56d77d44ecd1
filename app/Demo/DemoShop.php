<?php

declare(strict_types=1);

namespace App\Demo;

use App\Imports\WorkbookImport;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Support\Facades\DB;

/** The made-up ropeway: its people, and its workbook through the same import as anybody's. */
final readonly class DemoShop
{
    /** The day on which the story of the workbook is told. */
    private const TOLD_ON = '2026-12-01';

    private const PASSWORD = 'cable-car';

    private const PEOPLE = [
        ['name' => 'Ivo Marell', 'email' => 'lead@tarnholt.example', 'role' => Role::Lead],
        ['name' => 'Sanna Quist', 'email' => 'coordinator@tarnholt.example', 'role' => Role::Coordinator],
        ['name' => 'Beno Tashe', 'email' => 'hand@tarnholt.example', 'role' => Role::Hand],
    ];

    public function __construct(private WorkbookCodec $codec, private WorkbookImport $importer) {}

    public static function workbookPath(): string
    {
        return database_path('demo/tarnholt-ropeway.json');
    }

    /** The workbook with its days moved, so that its story is of this day. */
    public static function asOf(Day $day): string
    {
        $moved = $day->number - Day::read(self::TOLD_ON)->number;

        return (string) preg_replace_callback('~"(\d{4}-\d{2}-\d{2})"~', static fn(array $day): string => '"' . Day::read($day[1])->plus($moved) . '"', (string) file_get_contents(self::workbookPath()));
    }

    public function isLoaded(): bool
    {
        return Shop::query()->where('is_demo', true)->exists();
    }

    /** Once: what somebody has changed in the demo since stays as it is. */
    public function load(): void
    {
        if ($this->isLoaded()) {
            return;
        }
        DB::transaction(function (): void {
            $workbook = $this->codec->read(self::asOf(Day::read(now()->toDateString())));
            $shop = Shop::query()->create(['name' => $workbook->title ?? 'Demo', 'is_demo' => true]);
            foreach (self::PEOPLE as $person) {
                User::query()->create([...$person, 'shop_id' => $shop->id, 'password' => self::PASSWORD, 'joined_at' => now()]);
            }
            $this->importer->apply($shop, $workbook);
            foreach ($shop->users as $user) {
                $user->update(['person_id' => $shop->listed('people')->where('name', $user->name)->value('id')]);
            }
        });
    }

    /** @return list<array{name: string, email: string, role: string, password: string}> what the sign-in page offers */
    public function accounts(): array
    {
        return array_map(static fn(array $person): array => [...$person, 'role' => $person['role']->value, 'password' => self::PASSWORD], self::PEOPLE);
    }
}
