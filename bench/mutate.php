<?php

declare(strict_types=1);

/*
 * Makes the small changes of bench/mutations.php in the rules and the application, one at a time, in a copy, and asks the tests
 * each time whether they notice. A change that lives is a rule that no case holds. `composer mutate`, and with a number only
 * from there on, with a second only to there.
 *
 * The application's tests need a database: GONDRIK_VAR names the var folder of a running setup/serve that has gondrik_test with the
 * demo, as bin/test starts one. Without it the changes of the application are left out, and it says so.
 */

use Symfony\Component\Process\Process;

require __DIR__ . '/../vendor/autoload.php';

const ROOT = __DIR__ . '/..';
const COPY = ROOT . '/var/mutate';

const OTHER_SUITES = ['PiecesTest|PatternTest|MatchTest|LineTest|KitTest|SizeTest|ScopeTest', 'CoverageTest|CoverMatrixTest|SideBySideTest|RulerTest|ReportWriterTest|HandTest', 'CalendarTest|KitAsItStandsTest', 'MonotonyTest|WorkbookTest|GaugeTest'];

/** By room, quick tests first: most changes do not get past the case tables. */
const SUITES = [
    'Planning' => ['PackingListTest|WayTest|LendingTest|BuyingTest', 'SubstitutesTest|CoveringTest', 'PlanTest|DemoPlanTest'],
    'Entry' => ['EntryTest|EntryByNameTest', 'SheetTest'],
    'Sheet' => ['SheetTest'],
    'Listing' => ['ListingTest'],
    'Card' => ['CardTest', 'HandTest'],
    'Catalogue' => ['CatalogueTest'],
    'OnDay' => ['ThingsTest|CalendarTest', 'ChartTest'],
    'Proof' => ['ChartTest|ProvenTest|DoubtTest|SeriesTest', 'ThingsTest|StatisticsTest'],
    'Gauge' => ['GaugeTest'],
    'Skill' => ['SkillTest|AbsenceTest|PiecesTest'],
    'Stock' => ['SuppliesTest'],
    'Supplies' => ['SuppliesTest|PiecesTest', 'BuyingTest'],
    'Labour' => ['LabourTest|SwapsTest'],
    'Terminal' => ['SuppliesTest|BenchTest', ...OTHER_SUITES],
    'Bench' => ['BenchTest|SampleSizeTest', ...OTHER_SUITES],
    'Log' => ['ThingsTest|CalendarTest|SwapsTest'],
    'Calendar' => ['CalendarTest|DoubtTest'],
    'Value' => ['SuppliesTest|ThingsTest|CalendarTest', 'SizeTest|WorkbookTest'],
    'Package' => ['PackageTest'],
    'Ruler' => ['RulerTest|SideBySideTest'],
    'Wording' => ['RuleQuestionTest', ...OTHER_SUITES],
    'Output' => ['RuleQuestionTest|ReportWriterTest|SideBySideTest|SuppliesTest', ...OTHER_SUITES],
];
const APP_SUITES = [
    'Policies' => ['RolesTest', 'LogTest|SkillTest|SuppliesTest|LabourTest'],
    'History' => ['HistoryTest|SettingsTest', 'RulesTest'],
    'Reading' => ['ShopWorkbookTest|ImportTest', 'LineTest|ThingTest|SuppliesTest|RegisterTest|LabourTest'],
    'Writing' => ['HistoryTest|LineTest', 'ThingTest|ImportTest|SuppliesTest|LabourTest', 'RolesTest|CatalogueTest'],
    'Things' => ['ThingTest|CatalogueTest|SettingsTest|SuppliesTest|PatternTest', 'HistoryTest'],
    'Lines' => ['LineTest|HistoryTest|LabourTest', 'SheetTest|ThingTest'],
    'Imports' => ['ImportTest', 'RulesTest', 'RolesTest|HistoryTest'],
    'Register' => ['DueTest|DayTest|LabelTest|ProofTest', 'RegisterTest|LogTest|SkillTest'],
    'People' => ['AccountTest|SkillTest|SettingsTest', 'FaultTest'],
    'Supplies' => ['SuppliesTest'],
    'Print' => ['CoverSheetTest|LabelTest|BenchTest'],
    'Planning' => ['AsIfTest|RulesTest|BagTest|SuppliesTest', 'PlanTest|MatrixTest', 'CommandLineTest'],
    'LongQuestions' => ['TurnTest'],
    'Http' => ['SuppliesTest|LabourTest|BesideTest|CoverageFileTest|RulesTest|AsIfTest', 'OpenApiTest|RefusalTest|DoorsTest', 'RolesTest|CoverageTest|AccountTest|SkillTest', 'DayTest'],
];

function shell(string $command): void
{
    (new Process(['bash', '-c', $command], ROOT, timeout: 600))->mustRun();
}

/** @param array<string, string>|null $database */
function isNoticed(string $file, ?array $database): bool
{
    [$part, $room] = explode('/', $file);
    $suites = $part === 'app' ? APP_SUITES[$room] : SUITES[$room] ?? OTHER_SUITES;
    foreach ($suites as $filter) {
        $run = new Process(['vendor/bin/pest', '--testsuite=' . ($part === 'app' ? 'application' : 'core'), '--compact', '--bail', '--filter', $filter], COPY, $part === 'app' ? $database : null, timeout: 600);
        if ($run->run() !== 0) {
            return true;
        }
    }

    return false;
}

/** @return array<string, string>|null what the application's tests are told */
function database(): ?array
{
    $var = getenv('GONDRIK_VAR');
    $env = $var === false ? false : parse_ini_file($var . '/node-1/.env', false, INI_SCANNER_RAW);

    return $env === false ? null : [
        ...array_intersect_key($env, ['DB_PORT' => '', 'DB_USERNAME' => '', 'DB_PASSWORD' => '']),
        'DB_DATABASE' => 'gondrik_test', 'APP_ENV' => 'testing', 'BCRYPT_ROUNDS' => '4', 'APP_KEY' => 'base64:' . base64_encode(random_bytes(32)),
        'CACHE_STORE' => 'array', 'SESSION_DRIVER' => 'database', 'GONDRIK_VAR' => COPY . '/var/checks', 'GONDRIK_LOG' => COPY . '/var/checks/log/gondrik.log',
    ];
}

shell('rm -rf var/mutate && mkdir -p var/mutate/var/checks/{log,storage/framework/views,storage/framework/pdf,storage/framework/fonts} && git ls-files -z | xargs -0 cp --parents -t var/mutate && : > var/mutate/var/checks/.env && cp -al vendor var/mutate/vendor && { [ ! -d public/build ] || cp -r public/build var/mutate/public/; }');
/** @var list<array{string, string, string}> $mutations file (below core, or app/…), what stands there, what is put in its place */
$mutations = require __DIR__ . '/mutations.php';
$from = (int) ($argv[1] ?? 1);
$to = (int) ($argv[2] ?? count($mutations));
$database = database();
$living = $leftOut = [];
foreach ($mutations as $number => [$file, $stands, $put]) {
    if ($number + 1 < $from || $number + 1 > $to) {
        continue;
    }
    $isOfApplication = str_starts_with($file, 'app/');
    if ($isOfApplication && $database === null) {
        $leftOut[] = $number + 1;
        continue;
    }
    $path = COPY . ($isOfApplication ? '/' : '/core/') . $file;
    $source = (string) file_get_contents($path);
    if (substr_count($source, $stands) !== 1) {
        printf("%3d  %s: \"%s\" does not stand there just once any more\n", $number + 1, $file, $stands);
        $living[] = $number + 1;
        continue;
    }
    file_put_contents($path, str_replace($stands, $put, $source));
    $noticed = isNoticed($file, $database);
    file_put_contents($path, $source);
    printf("%3d  %-9s %s: %s → %s\n", $number + 1, $noticed ? 'noticed' : 'LIVES', $file, trim($stands), trim($put));
    if (!$noticed) {
        $living[] = $number + 1;
    }
}
shell('rm -rf var/mutate');
$made = max(0, min($to, count($mutations)) - $from + 1) - count($leftOut);
printf("%d changes, %d noticed, %d live%s\n", $made, $made - count($living), count($living), $leftOut === [] ? '' : sprintf('; %d of the application left out, for GONDRIK_VAR names no running server', count($leftOut)));
exit($living === [] ? 0 : 1);
