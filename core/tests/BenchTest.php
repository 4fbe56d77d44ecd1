<?php

declare(strict_types=1);

/*
 * The arithmetic of the bench against rows that one can reckon again on paper; and what it refuses.
 */

use Gondrik\Core\Bench\Asked;
use Gondrik\Core\Bench\Calculation;
use Gondrik\Core\Bench\Calculator;
use Gondrik\Core\Output\FigureWriter;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Value\Invalid;

/** @return array<string, mixed> */
function reckoned(string $calc, array $asked): array
{
    return (new FigureWriter())->answer((new Calculator())->answer(Calculation::from($calc), new Asked($asked)));
}

/** @return array<string, string> "size=12 AWG count=2" by name: a value goes on to the next name */
function askedIn(string $text): array
{
    preg_match_all('~([a-z-]+)=((?:(?! [a-z-]+=).)*)~u', $text, $found, PREG_SET_ORDER);

    return array_column($found, 2, 1);
}

it('reckons', function (array $case): void {
    $answer = reckoned($case['calc'], askedIn($case['asked']));
    foreach (array_filter(explode('; ', $case['answers'])) as $row) {
        [$name, $told] = explode('=', $row, 2);
        expect($answer)->toHaveKey($name);
        if (array_is_list($answer[$name])) {
            expect(implode(',', array_column($answer[$name], 'value')))->toBe($told);
            continue;
        }
        isTold($answer[$name], $told, $name);
    }
})->with(CaseTable::of('calculations', 'case', 'calc'));

/** "3.3088 mm2 formula": the value to five digits, with its unit and recall where they are written. */
function isTold(array $figure, string $told, string $name): void
{
    preg_match('~^(.*?)(?: (mm2?|N|lbf))?(?: (formula|memory|common-practice|measured|stated))?$~', $told, $part);
    // "4 mm2" is a size where the figure itself is text.
    $value = is_string($figure['value']) ? trim($part[1] . ' ' . ($part[2] ?? '')) : $part[1];
    $said = match (true) {
        $figure['value'] === null => '-',
        is_bool($figure['value']) => $figure['value'] ? 'yes' : 'no',
        is_float($figure['value']) => sprintf('%.5g', $figure['value']),
        default => (string) $figure['value'],
    };
    expect($said)->toBe(is_float($figure['value']) ? sprintf('%.5g', (float) $value) : $value, $name);
    if (!is_string($figure['value']) && ($part[2] ?? '') !== '') {
        expect($figure['unit'])->toBe($part[2], $name);
    }
    if (($part[3] ?? '') !== '') {
        expect($figure['recall'])->toBe($part[3], $name);
    }
    // What is none says why, and from which table.
    expect($figure['source'])->not->toBe('')->and($figure['value'] !== null || $figure['note'] !== null)->toBeTrue($name);
}

it('refuses by the name and the value', function (string $calc, string $asked, string $field, string $expected): void {
    expect(static fn(): array => reckoned($calc, askedIn($asked)))->toThrow(static function (Invalid $error) use ($field, $expected): void {
        expect($error->field)->toBe($field)->and($error->expected)->toContain($expected);
    });
})->with([
    ['size', '', 'size', 'is missing'],
    ['size', 'size=12', 'size', 'gauge or an area'],
    ['size', 'size=1,000 mm2', 'size', 'decimal comma'],
    ['size', 'size=12 AWG hole=2', 'hole', 'is nothing that calc size asks'],
    ['diameter', 'size=12 AWG construction=woven', 'construction', 'must be one of solid'],
    ['diameter', 'size=12 AWG construction=solid strands=7', 'strands', 'must be 1'],
    ['diameter', 'size=12 AWG construction=stranded strands=1', 'strands', 'must be 2 or more'],
    ['pull', 'size=12 AWG', 'class', 'is missing'],
    ['pull', 'size=12 AWG class=insulated standard=ours', 'standard', 'must be one of by-class'],
    ['sleeve', 'widest=5 narrowest=6', 'narrowest', 'must not be more than the widest'],
    ['sleeve', 'widest=1,000 narrowest=6', 'widest', 'decimal comma'],
    ['sleeve', 'widest=0 narrowest=0', 'widest', 'above 0 mm'],
    ['sleeve', 'widest=5 narrowest=4 covered=long', 'covered', 'must be a length'],
    ['strands', '', 'strands', 'is missing'],
    ['strands', 'strands=0', 'strands', '1 or more'],
    ['strands', 'strands=2.5', 'strands', 'whole number'],
    ['strands', 'strands=7 solid= size=12 AWG', 'strands', 'no strands to count'],
    ['strands', 'strands=7 size=12 AWG', 'size', 'belongs to a solid conductor'],
    ['strands', 'solid=', 'size', 'is missing'],
    ['exposed', 'insulation-od=2 length=-1', 'length', 'must be a length'],
    ['fill', 'size=1 mm2 terminal=big', 'terminal', 'no'],
    ['pulls', 'sheath=100 section=0', 'section', 'above 0 mm'],
    ['identify', 'bend=stays', 'strands', 'is missing'],
    ['identify', 'conductor=2 strands=7', 'strands', 'another way to measure it'],
    ['identify', 'conductor=2 bend=breaks', 'bend', 'must be one of stays, springs'],
    ['code', 'code=M22759-20-6', 'code', 'M22759/32-20-6'],
    ['notch', 'size=12 AWG construction=solid', 'hole', 'is missing'],
    ['notch', 'size=12 AWG construction=solid hole=2 label=12 AWG', 'label', 'needs no label'],
    ['notch', 'size=12 AWG construction=solid insulation-od=2 hole=2', 'insulation-od', 'more than the bare conductor'],
]);

it('cuts a tube so that it still covers once it has shrunk, and not a whole millimetre more', function (): void {
    foreach (range(1, 400) as $tenths) {
        $covered = $tenths / 10;
        $length = reckoned('sleeve', ['widest' => '5', 'narrowest' => '4', 'covered' => (string) $covered])['cutLength']['value'];
        expect($length * 0.9)->toBeGreaterThanOrEqual($covered - 1e-6)->and(($length - 1) * 0.9)->toBeLessThan($covered);
    }
});
