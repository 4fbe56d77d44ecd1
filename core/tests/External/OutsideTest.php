<?php

declare(strict_types=1);

/*
 * The arithmetic of the bench against sources outside, by group; each row names its source and how sure it is. What comes of it
 * stands in core/data/outside-checks.csv, which the application shows: GONDRIK_WRITE=1 writes it anew.
 */

use Gondrik\Core\Tests\Support\OutsideChecks;

it('agrees with every source', function (): void {
    $failed = array_filter(OutsideChecks::all(), static fn(array $row): bool => $row['holds'] !== 'yes');
    expect($failed)->toBe([]);
});

it('asks at least sixty questions, of every group', function (): void {
    $checks = OutsideChecks::all();
    expect(count($checks))->toBeGreaterThanOrEqual(60)
        ->and(array_values(array_unique(array_column($checks, 'group'))))->toBe(['Gauge', 'Stranded diameter', 'Strands of aircraft wire', 'Insulated diameter', 'Pull force', 'Sleeve', 'Strand damage', 'Colour digits', 'Ferrule', 'Trade sizes', 'Exposed conductor'])
        ->and(array_diff(array_column($checks, 'recall'), ['formula', 'memory', 'common-practice']))->toBe([]);
});

it('is shown as it came out', function (): void {
    $checks = OutsideChecks::all();
    $text = fopen('php://temp', 'w+b');
    assert($text !== false);
    foreach ([array_keys($checks[0]), ...array_map(array_values(...), $checks)] as $row) {
        fputcsv($text, $row, ',', '"', '');
    }
    rewind($text);
    $made = (string) stream_get_contents($text);
    if (getenv('GONDRIK_WRITE') === '1') {
        file_put_contents(OutsideChecks::RESULTS, $made);
    }
    expect((string) file_get_contents(OutsideChecks::RESULTS))->toBe($made);
});
