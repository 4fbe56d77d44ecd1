<?php

declare(strict_types=1);

use Gondrik\Core\Bench\SampleSize;
use Gondrik\Core\Reference\Table;

// ISO 2859-1 (ANSI/ASQ Z1.4), table I, special level S-3, with the sizes of its code letters (from memory).
it('takes as many of a batch as the table says', function (int $batch, int $pieces): void {
    expect(SampleSize::of($batch))->toBe($pieces);
})->with([[1, 1], [2, 2], [15, 2], [16, 3], [50, 3], [51, 5], [150, 5], [151, 8], [500, 8], [501, 13], [3200, 13], [3201, 20], [35000, 20], [35001, 32], [500000, 32], [500001, 50], [9000000, 50]]);

it('has a row for every batch, and never fewer for more', function (): void {
    $next = 2;
    $pieces = 0;
    foreach (Table::rows('sample-sizes') as $row) {
        expect((int) $row['from'])->toBe($next)->and((int) $row['pieces'])->toBeGreaterThan($pieces);
        [$next, $pieces] = [(int) $row['to'] + 1, (int) $row['pieces']];
    }
    expect($next)->toBe(1);
});
