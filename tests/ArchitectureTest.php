<?php

declare(strict_types=1);

arch('controllers hold no rules of the job')
    ->expect('App\Http\Controllers')
    ->not->toUse([
        'Gondrik\Core\Size',
        'Gondrik\Core\Rules',
        'Gondrik\Core\Wire',
        'Gondrik\Core\Terminal',
        'Gondrik\Core\Tool',
        'Gondrik\Core\Scope',
        'Gondrik\Core\Match\KitMatcher',
        'Gondrik\Core\Verdict\Fit',
        'Gondrik\Core\Verdict\Reason',
    ]);

arch('models know rows, not rules')->expect('App\Models')->not->toUse('Gondrik\Core');

arch('only the workbook room of the application writes to the catalogue')
    ->expect('App\Workbook\WorkbookImport')
    ->toOnlyBeUsedIn(['App\Workbook', 'App\Http\Controllers', 'Database\Seeders']);

arch('the application is strict about types')->expect('App')->toUseStrictTypes();

arch('classes of the application are final or abstract')->expect('App')->classes()->toBeFinal()->ignoring(['App\Models\CatalogueItem', 'App\Http\Controllers\Controller']);

arch('nothing is left behind')->expect(['dd', 'dump', 'ray', 'var_dump'])->not->toBeUsed();
