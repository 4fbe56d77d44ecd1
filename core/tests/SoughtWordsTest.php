<?php

declare(strict_types=1);

/*
 * The words that people say find the thing: common practice, no source.
 */

use Gondrik\Core\Entry\SoughtWords;

it('looks under all that words may stand under', function (string $text, array $parts): void {
    expect(SoughtWords::of($text))->toBe($parts);
})->with([
    'nothing' => ['  ', []],
    'a fork by its other name, of a colour and for a stud' => ['blue spades M5', [['blue'], ['spades', 'spade', 'fork'], ['m5']]],
    'an eye is a ring' => ['Eye', [['eye', 'ring']]],
    'words that belong together' => ['quick  connect 6.3', [['quick connect', 'push-on female'], ['6.3']]],
    'in the plural, too' => ['butt connectors', [['butt connectors', 'butt connector', 'butt']]],
    'words that say nothing' => ['a lug for the winch', [['lug'], ['winch']]],
    'an area as it is written' => ['10 mm²', [['10'], ['mm²', 'mm2']]],
    'what is no word of the trade' => ['100%', [['100%']]],
    'a material' => ['low-smoke', [['low-smoke', 'lszh']]],
]);

it('finds a text that has every part', function (string $text, string $in, bool $isIn): void {
    expect(SoughtWords::isIn($in, SoughtWords::of($text)))->toBe($isIn);
})->with([
    ['spade blue', 'Fork, blue, M5', true],
    ['spade red', 'Fork, blue, M5', false],
    ['eyelets', 'Ring, bare, M4', true],
    ['', 'anything', true],
]);
