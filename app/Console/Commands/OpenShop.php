<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Gondrik\Core\Value\PlainText;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The first shop of an empty installation and its lead; does nothing where there is a shop already. */
final class OpenShop extends Command
{
    protected $signature = 'shop:open {name=Workshop} {--email=lead@localhost}';

    protected $description = 'Open a shop with one lead and print the password';

    public function handle(): int
    {
        foreach (['name' => $this->argument('name'), 'email' => $this->option('email')] as $what => $text) {
            $flaw = is_string($text) ? PlainText::flaw($text) : null;
            if ($flaw !== null) {
                $this->error('The ' . $what . ' ' . $flaw . '.');

                return self::INVALID;
            }
        }
        $password = DB::transaction(function (): ?string {
            DB::statement('lock table shops in exclusive mode');
            if (Shop::query()->exists()) {
                return null;
            }
            $password = Str::password(16, symbols: false);
            $shop = Shop::query()->create(['name' => (string) $this->argument('name'), 'is_unnamed' => true]);
            User::query()->create(['shop_id' => $shop->id, 'name' => 'Lead', 'email' => mb_strtolower((string) $this->option('email')), 'password' => $password, 'role' => Role::Lead, 'joined_at' => now()]);

            return $password;
        });
        $this->line($password === null
            ? 'The shop is open already.'
            : 'The shop is open. Sign in as ' . mb_strtolower((string) $this->option('email')) . ' with the password ' . $password . ' (it is not shown again).');

        return self::SUCCESS;
    }
}
