<?php

declare(strict_types=1);

arch('the core knows neither the application nor a framework')
    ->expect('Gondrik\Core')
    ->toOnlyUse(['Gondrik\Core', 'Opis\JsonSchema'])
    ->ignoring('Gondrik\Core\Tests');

arch('only the codec knows the schema validator')
    ->expect('Opis\JsonSchema')
    ->toOnlyBeUsedIn('Gondrik\Core\Workbook');

arch('the core is strict about types')->expect('Gondrik\Core')->toUseStrictTypes();

arch('the core leaves nothing behind')->expect(['dd', 'dump', 'var_dump', 'print_r', 'ray'])->not->toBeUsed();

/*
 * The rooms of the core, each with the rooms it may use: always such as stand above it in this list, so that there is no
 * way round. A room that is missing here, or uses one that it does not name, fails.
 */
const ROOMS = [
    'Value' => [],
    'Reference' => [],
    'Size' => ['Value', 'Reference'],
    'Verdict' => [],
    'Wire' => ['Value', 'Reference', 'Size'],
    'Terminal' => ['Value', 'Reference', 'Size', 'Verdict', 'Wire'],
    'Tool' => ['Value', 'Size', 'Verdict', 'Wire', 'Terminal'],
    'Asset' => ['Value', 'Tool'],
    'Stock' => ['Value', 'Terminal'],
    'Rules' => ['Value', 'Size', 'Verdict', 'Wire', 'Terminal', 'Tool', 'Asset'],
    'Scope' => ['Value', 'Size', 'Wire', 'Terminal', 'Tool', 'Rules'],
    'Log' => ['Value', 'Wire', 'Terminal', 'Tool', 'Asset', 'Stock'],
    'Entry' => ['Value', 'Reference', 'Size', 'Wire', 'Terminal', 'Scope'],
    'Bench' => ['Value', 'Reference', 'Size', 'Wire', 'Terminal', 'Tool', 'Rules'],
    'Gauge' => ['Size'],
    'Proof' => ['Value', 'Reference', 'Size', 'Tool', 'Asset', 'Rules', 'Bench', 'Log'],
    'OnDay' => ['Value', 'Tool', 'Rules', 'Asset', 'Log', 'Proof'],
    'Match' => ['Value', 'Reference', 'Size', 'Verdict', 'Wire', 'Terminal', 'Tool', 'Rules', 'Scope', 'Bench'],
    'Skill' => ['Value', 'Tool', 'Asset', 'Rules', 'Scope', 'Log', 'Match'],
    'Coverage' => ['Verdict', 'Tool', 'Rules', 'Scope', 'Match'],
    'Calendar' => ['Value', 'Tool', 'Rules', 'Scope', 'OnDay', 'Coverage'],
    'Card' => ['Value', 'Reference', 'Verdict', 'Wire', 'Terminal', 'Tool', 'Rules', 'Scope', 'Bench', 'Match', 'Coverage'],
    'Supplies' => ['Value', 'Terminal', 'Stock', 'Rules', 'Scope', 'Log', 'Match', 'Card'],
    'Labour' => ['Value', 'Reference', 'Verdict', 'Tool', 'Scope', 'Log', 'Bench', 'Match', 'Coverage'],
    'Training' => ['Value', 'Tool'],
    'Rotation' => ['Value', 'Training'],
    'Trial' => ['Size', 'Verdict', 'Wire', 'Terminal', 'Tool', 'Rules', 'Scope', 'Match'],
    'Covering' => ['Value'],
    'Planning' => ['Covering', 'Value', 'Verdict', 'Tool', 'Rules', 'OnDay', 'Scope', 'Terminal', 'Match', 'Coverage'],
    'Ruler' => ['Size', 'Verdict', 'Terminal', 'Tool', 'Rules', 'Match', 'Coverage'],
    'Wording' => ['Reference', 'Size', 'Stock', 'Scope', 'Verdict', 'OnDay', 'Entry', 'Bench', 'Match', 'Card'],
    'Workbook' => ['Value', 'Size', 'Wire', 'Terminal', 'Tool', 'Rules', 'Scope', 'Asset', 'Stock', 'Log', 'OnDay', 'Skill', 'Supplies', 'Training', 'Rotation'],
    'Cells' => ['Value', 'Reference'],
    'Sheet' => ['Value', 'Size', 'Wire', 'Terminal', 'Scope', 'Entry', 'Workbook', 'Cells'],
    'Listing' => ['Asset', 'Value', 'Size', 'Wire', 'Terminal', 'Tool', 'Scope', 'Entry', 'Workbook', 'Sheet', 'Cells'],
    'Catalogue' => ['Reference', 'Size', 'Wire', 'Terminal', 'Tool', 'Workbook'],
    'Package' => ['Listing', 'Workbook'],
    'Output' => ['Reference', 'Bench', 'Card', 'Size', 'Verdict', 'Wire', 'Terminal', 'Tool', 'Rules', 'Scope', 'Entry', 'Match', 'Coverage', 'Trial', 'Planning', 'Ruler', 'Wording', 'Workbook', 'Cells', 'Sheet', 'Listing', 'Catalogue', 'OnDay', 'Calendar', 'Proof', 'Value', 'Asset', 'Skill', 'Stock', 'Supplies', 'Labour', 'Training', 'Rotation'],
];

it('has rooms that use only the rooms below them', function (): void {
    $rooms = array_map(basename(...), glob(dirname(__DIR__) . '/src/*', GLOB_ONLYDIR) ?: []);
    expect($rooms)->toEqualCanonicalizing(array_keys(ROOMS));
    $below = [];
    foreach (ROOMS as $room => $may) {
        expect(array_values(array_diff($may, $below)))->toBe([], $room . ' names a room that is not below it');
        $below[] = $room;
        $uses = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__) . '/src/' . $room, FilesystemIterator::SKIP_DOTS)) as $file) {
            preg_match_all('~Gondrik\\\\Core\\\\(\w+)\\\\~', (string) file_get_contents((string) $file), $named);
            $uses = [...$uses, ...$named[1]];
        }
        // What is used is what is allowed: a room that no longer needs another does not keep its door open.
        expect(array_values(array_unique(array_diff($uses, [$room]))))->toEqualCanonicalizing($may, $room);
    }
});

it('keeps the operations out of each other: one can be read without another', function (): void {
    foreach (glob(dirname(__DIR__) . '/src/Match/*', GLOB_ONLYDIR) ?: [] as $folder) {
        foreach (glob($folder . '/*.php') ?: [] as $file) {
            preg_match_all('~Gondrik\\\\Core\\\\Match\\\\(\w+)\\\\~', (string) file_get_contents($file), $named);
            expect(array_values(array_diff($named[1], [basename($folder)])))->toBe([], $file);
        }
    }
});

it('makes sentences in one room only', function (): void {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__) . '/src/Match', FilesystemIterator::SKIP_DOTS)) as $file) {
        expect(preg_match("~'[A-Z][a-z]+ [a-z]+ [a-z]+[^']*\.'~", (string) file_get_contents((string) $file)))->toBe(0, (string) $file);
    }
});

it('sees every property of a work in its equality', function (): void {
    foreach (glob(dirname(__DIR__) . '/src/Match/*/*Work.php') ?: [] as $file) {
        $class = 'Gondrik\\Core\\Match\\' . basename(dirname($file)) . '\\' . basename($file, '.php');
        $source = (string) file_get_contents($file);
        $values = substr($source, (int) strpos($source, 'function values()'));
        foreach ((new ReflectionClass($class))->getProperties() as $property) {
            if ($property->getName() !== 'conditions') {
                expect($values)->toContain('$this->' . $property->getName());
            }
        }
    }
});

it('keeps every value object immutable', function (): void {
    foreach (['Size', 'Wire', 'Terminal', 'Tool', 'Asset', 'Log', 'OnDay', 'Scope', 'Rules', 'Verdict', 'Match', 'Coverage', 'Calendar', 'Trial', 'Ruler', 'Listing', 'Catalogue', 'Training'] as $room) {
        foreach (glob(dirname(__DIR__) . '/src/' . $room . '/*.php') ?: [] as $file) {
            $class = new ReflectionClass('Gondrik\\Core\\' . $room . '\\' . basename($file, '.php'));
            foreach ($class->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
                expect($property->isReadOnly() || $class->isInterface() || $class->isSubclassOf(Throwable::class))->toBeTrue($class->getName() . '::$' . $property->getName());
            }
        }
    }
});
