<?php

declare(strict_types=1);

/*
 * How answers grow with the shop: the demo, and the demo ten, fifty and a hundred and ten times over in one shop, asked the same
 * questions by the same person in this process. Every number is a time as a ratio to the demo's own, the best of several runs in
 * this one process; a question about one line, tool or cell should stay within 1.5 up to fifty times. All of it happens in one transaction of
 * the database of a running bin/start, and is taken back.
 *
 * php bench/growth.php [TIMES...]
 */

use App\Demo\DemoShop;
use App\Imports\WorkbookImport;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Dotenv\Dotenv;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

require __DIR__ . '/../vendor/autoload.php';

const RUNS = 7;

$var = getenv('GONDRIK_VAR') ?: dirname(__DIR__) . '/var/start';
$settings = is_readable($var . '/node-1/.env') ? Dotenv::parse((string) file_get_contents($var . '/node-1/.env')) : null;
if ($settings === null) {
    fwrite(STDERR, "growth: no running Gondrik is found under {$var}: start bin/start first, or name its folder in GONDRIK_VAR\n");
    exit(1);
}
foreach ([...$settings, 'SESSION_DRIVER' => 'array', 'CACHE_STORE' => 'array', 'LOG_CHANNEL' => 'null', 'APP_CONFIG_CACHE' => '/nonexistent'] as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();
$kernel = $app->make(Kernel::class);

/** The demo so many times over in one document: what stands in it first is the demo as it is. */
function multiplied(int $times): stdClass
{
    $demo = json_decode((string) file_get_contents(DemoShop::workbookPath()));
    $all = clone $demo;
    foreach (['wires', 'terminals', 'tools', 'kits', 'scopes'] as $list) {
        for ($n = 2; $n <= $times; $n++) {
            foreach ($demo->{$list} as $thing) {
                $copy = json_decode((string) json_encode($thing));
                $copy->id .= '-x' . $n;
                $copy->name .= ' no. ' . $n;
                foreach (['requires'] as $key) {
                    $copy->{$key} = array_map(static fn(string $id): string => $id . '-x' . $n, $copy->{$key} ?? []);
                    if ($copy->{$key} === []) {
                        unset($copy->{$key});
                    }
                }
                foreach ($list === 'kits' ? $copy->tools : [] as $entry) {
                    $entry->tool .= '-x' . $n;
                }
                foreach ($list === 'scopes' ? $copy->lines : [] as $line) {
                    foreach (['wire', 'terminal', 'wireB'] as $key) {
                        if (isset($line->{$key})) {
                            $line->{$key} .= '-x' . $n;
                        }
                    }
                }
                $all->{$list}[] = $copy;
            }
        }
    }

    return $all;
}

$ask = static function (User $person, string $method, string $path, ?array $body = null, array $headers = []) use ($app, $kernel): Symfony\Component\HttpFoundation\Response {
    $app->make('auth')->forgetGuards();
    $app->make('auth')->guard('web')->setUser($person);
    $server = ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json', 'REMOTE_ADDR' => '127.0.0.1'];
    foreach ($headers as $name => $value) {
        $server['HTTP_' . strtoupper(str_replace('-', '_', $name))] = $value;
    }
    $app->make('auth')->guard('sanctum')->setUser($person);
    $request = Request::create('http://127.0.0.1/api/v1/' . $path, $method, server: $server, content: $body === null ? null : (string) json_encode($body));
    $request->setUserResolver(static fn(): User => $person);
    $response = $kernel->handle($request);
    if ($response->getStatusCode() >= 400) {
        throw new RuntimeException($method . ' ' . $path . ': ' . $response->getStatusCode() . ' ' . mb_substr((string) $response->getContent(), 0, 300));
    }

    return $response;
};
$seen = static fn(User $person, string $path): array => json_decode((string) $ask($person, 'GET', $path)->getContent(), true);

/** @var array<string, Closure(User): mixed> each asks, having made ready what it needs */
$questions = [
    'list of kits' => static fn(User $person): Closure => static fn() => $ask($person, 'GET', 'kits'),
    'cover of a scope' => static fn(User $person): Closure => static fn() => $ask($person, 'GET', 'coverage?kit=pylon-backpack&scope=tower-7'),
    'quick entry' => static fn(User $person): Closure => static fn() => $ask($person, 'GET', 'scopes/tower-7/entry?kit=pylon-backpack&text=' . rawurlencode('14 × hookup-12 → ring-yellow-m6, wet')),
    'change of a cell' => static function (User $person) use ($ask, $seen): Closure {
        $line = $seen($person, 'scopes/tower-7/lines')['data'][0];
        $quantity = ($line['quantity'] ?? 1) + 1;

        return static fn() => $ask($person, 'POST', 'scopes/tower-7/changes', ['changes' => [['id' => $line['id'], 'version' => $line['version'], 'cells' => ['quantity' => (string) $quantity]]]]);
    },
    'terminal in a cell' => static function (User $person) use ($ask, $seen): Closure {
        $line = $seen($person, 'scopes/tower-7/lines')['data'][0];

        return static fn() => $ask($person, 'POST', 'scopes/tower-7/changes', ['changes' => [['id' => $line['id'], 'version' => $line['version'], 'cells' => ['terminal' => $line['terminal']]]]]);
    },
    'rename of a tool' => static function (User $person) use ($ask, $seen): Closure {
        $tool = $seen($person, 'tools/hex-lug');

        return static fn() => $ask($person, 'PUT', 'tools/hex-lug', [...array_diff_key($tool, ['version' => 0]), 'name' => $tool['name'] . ' b'], ['If-Match' => '"' . $tool['version'] . '"']);
    },
    'rename of a wire' => static function (User $person) use ($ask, $seen): Closure {
        $wire = $seen($person, 'wires/hookup-12');

        return static fn() => $ask($person, 'PUT', 'wires/hookup-12', [...array_diff_key($wire, ['version' => 0]), 'name' => $wire['name'] . ' b'], ['If-Match' => '"' . $wire['version'] . '"']);
    },
    'card of a line' => static fn(User $person): Closure => static fn() => $ask($person, 'GET', 'card?kit=pylon-backpack&scope=tower-7&line=winch-50'),
    'other tools of a step' => static fn(User $person): Closure => static fn() => $ask($person, 'GET', 'coverage/lines/winch-50/steps/2/others?kit=pylon-backpack&scope=tower-7'),
    'undo of 300 wires' => static function (User $person) use ($ask): Closure {
        $wire = ['name' => 'Bell', 'size' => '0.5 mm2', 'construction' => 'solid', 'insulation' => 'pvc'];
        $taken = json_decode((string) $ask($person, 'POST', 'tables/wires/take', ['things' => array_map(static fn(int $n): array => ['thing' => ['id' => 'bell-' . $n, ...$wire]], range(1, 300))])->getContent(), true);

        return static fn() => $ask($person, 'POST', 'history/' . $taken['change'] . '/undo');
    },
    'uses of a tool' => static fn(User $person): Closure => static fn() => $ask($person, 'GET', 'tools/hex-lug/uses'),
    'plan' => static fn(User $person): Closure => static fn() => $ask($person, 'GET', 'plan?kit=pylon-backpack&scopes=tower-7'),
    'plan that may move' => static fn(User $person): Closure => static fn() => $ask($person, 'GET', 'plan?kit=pylon-backpack&scopes=tower-7&means=buy,move'),
];

/** @return array{float, int, int} seconds, queries, bytes of the answer */
$measured = static function (User $person, Closure $question): array {
    $least = [INF, 0, 0];
    for ($run = 0; $run < RUNS; $run++) {
        DB::beginTransaction();
        $asked = $question($person);
        gc_collect_cycles();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $from = hrtime(true);
        $response = $asked();
        $seconds = (hrtime(true) - $from) / 1e9;
        $least = $seconds < $least[0] ? [$seconds, count(DB::getQueryLog()), strlen((string) $response->getContent())] : $least;
        DB::disableQueryLog();
        DB::rollBack();
        if ($seconds > 2) {
            break;
        }
    }

    return $least;
};

$sizes = array_map(intval(...), array_slice($argv, 1)) ?: [1, 10, 50, 110];
DB::beginTransaction();
$results = [];
foreach ($sizes as $times) {
    $shop = Shop::query()->create(['name' => 'Times ' . $times]);
    $person = User::query()->create(['shop_id' => $shop->id, 'name' => 'Somebody', 'email' => "growth{$times}@example.test", 'password' => 'not signed in', 'role' => Role::Lead]);
    $app->make(WorkbookImport::class)->apply($shop, $app->make(WorkbookCodec::class)->readStored(multiplied($times)));
    // What the database does by itself where shops stay: it looks at how much there is of what.
    DB::statement('analyze');
    foreach ($questions as $name => $question) {
        $results[$name][$times] = $measured($person, $question);
    }
}
DB::rollBack();
printf("%-24s %10s %s  queries  bytes\n", 'times the demo', 'demo ms', implode(' ', array_map(static fn(int $times): string => sprintf('%8s', '×' . $times), $sizes)));
foreach ($results as $name => $of) {
    $one = $of[$sizes[0]][0];
    printf(
        "%-24s %10.1f %s  %s  %s\n",
        $name,
        1000 * $one,
        implode(' ', array_map(static fn(array $at): string => sprintf('%7.2f', $at[0] / $one), $of)),
        implode('→', array_column($of, 1)),
        implode('→', array_column($of, 2)),
    );
}
