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

it('keeps every value object immutable', function (): void {
    foreach (['Size', 'Wire', 'Terminal', 'Tool', 'Scope', 'Rules', 'Match', 'Coverage'] as $room) {
        foreach (glob(dirname(__DIR__) . '/src/' . $room . '/*.php') ?: [] as $file) {
            $class = new ReflectionClass('Gondrik\\Core\\' . $room . '\\' . basename($file, '.php'));
            foreach ($class->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
                expect($property->isReadOnly() || $class->isInterface() || $class->isSubclassOf(Throwable::class))->toBeTrue($class->getName() . '::$' . $property->getName());
            }
        }
    }
});
