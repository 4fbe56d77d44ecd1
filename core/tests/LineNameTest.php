<?php

declare(strict_types=1);

/*
 * What a line is called in sentences: by what it makes.
 */

use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Wording\LineName;

it('calls a line', function (string $wire, string $terminal, string $line, string $says): void {
    expect(LineName::of(Catalogue::workbook($wire, $terminal, $line, 'cut-diagonal')->scopes[0]->lines[0]))->toBe($says);
})->with([
    'by wire and terminal, how many last' => ['1.5-fine', 'ferrule-1.5', 'quantity=36', '1.5-fine → ferrule-1.5 (36)'],
    'by both wires of a splice' => ['16-stranded', 'butt-seal', 'wireB=22-stranded', '16-stranded and 22-stranded → butt-seal (1)'],
    'a screw by its torque' => ['', '', 'torque=0.8 quantity=20', 'screw, 0.8 N·m (20)'],
    'a screw by its torque as it was written' => ['', '', 'torque=15_lbf·in', 'screw, 15 lbf·in (1)'],
    'a screw by its thread' => ['', '', 'shear=6-32', 'screw 6-32 cut to length (1)'],
]);
