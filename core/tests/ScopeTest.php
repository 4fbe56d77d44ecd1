<?php

declare(strict_types=1);

use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Workbook\LinesCodec;
use Gondrik\Core\Workbook\ObjectCodec;

/** @param array<string, array<string, mixed>> $lines what each says besides wire and terminal, by id */
function scopeOf(string $id, array $lines): Scope
{
    $drafts = [];
    foreach ($lines as $line => $says) {
        $drafts[] = (object) ['id' => $line, 'wire' => 'w12', 'terminal' => 'ring', ...$says];
    }
    [$read, $problems] = (new LinesCodec())->read(Catalogue::forEntries()->wires, Catalogue::forEntries()->terminals, $drafts);
    expect($problems)->toBe([]);

    return new Scope($id, $id, $read);
}

it('adds up the same work and lets all else follow at the end', function (): void {
    $merged = scopeOf('a', ['l1' => ['quantity' => 4], 'l2' => ['wet' => true], 'l3' => ['torque' => 1.2]])
        ->with(scopeOf('b', ['l1' => ['wet' => true, 'quantity' => 5], 'l2' => ['quantity' => 2], 'l3' => ['torque' => 1.3], 'l4' => ['note' => 'bow'], 'l5' => ['torque' => 1.3, 'quantity' => 6]]));
    expect(array_map(static fn(Line $line): string => $line->id . ' ' . $line->quantity, $merged->lines))->toBe(['l1 6', 'l2 6', 'l3 1', 'l3-2 7', 'l4 1'])
        ->and($merged->id)->toBe('a');
});

it('keeps all that a line says when it goes onto another terminal', function (): void {
    $says = ['quantity' => 7, 'torque' => 1.2, 'temperature' => 320, 'wet' => true, 'ambient' => 4, 'stud' => 'M6', 'prep' => 'twist', 'midSpan' => true, 'movable' => true, 'note' => 'bow',
        'add' => [['op' => 'pull-test', 'remark' => 'first of the batch']], 'drop' => [['op' => 'cut', 'remark' => 'cut before']]];
    $line = scopeOf('a', ['l1' => $says])->lines[0];
    $other = array_values(array_filter(Catalogue::forEntries()->terminals, static fn(Terminal $terminal): bool => $terminal->id === 'ring-m8'))[0];
    $told = static fn(Line $of): array => array_diff_key(json_decode((string) json_encode((new ObjectCodec())->write($of)), true), ['terminal' => 0]);
    expect($told($line->onto($other, null)))->toBe($told($line))->and($line->onto($other, null)->terminal?->id)->toBe('ring-m8');
});

it('takes nothing from a scope without lines, and all into one', function (): void {
    $full = scopeOf('a', ['l1' => ['quantity' => 4]]);
    expect($full->with(scopeOf('b', []))->lines)->toEqual($full->lines)
        ->and(scopeOf('b', [])->with($full)->lines)->toEqual($full->lines);
});

it('reads sound lines beside broken ones, however many are broken', function (): void {
    $drafts = [];
    for ($index = 0; $index < 700; $index++) {
        $drafts[$index * 2] = (object) ['id' => 'l' . $index, 'wire' => $index % 3 === 0 ? 'gone' : 'w12', 'terminal' => 'ring', 'quantity' => $index % 2 === 0 ? 0 : 1];
    }
    [$lines, $problems] = (new LinesCodec())->read(Catalogue::forEntries()->wires, Catalogue::forEntries()->terminals, $drafts);
    $isSound = static fn(int $key): bool => intdiv($key, 2) % 3 !== 0 && intdiv($key, 2) % 2 !== 0;
    expect(array_keys($lines))->toBe(array_values(array_filter(array_keys($drafts), $isSound)))
        ->and(count($problems))->toBe(700 - count($lines))
        ->and($problems[0][0]->path)->toBeIn(['wire', 'quantity'])
        ->and($problems[4][0]->expected)->not->toBe('');
});
