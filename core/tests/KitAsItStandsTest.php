<?php

declare(strict_types=1);

use Gondrik\Core\Tool\Hand;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\ToolKind;

/** @return array{list<string>, list<string>} what takes part, and what is packed */
function standing(KitAsItStands $kit): array
{
    $said = static fn(TakingPart|KitEntry $one): string => $one->count . ' × ' . $one->tool->id;

    return [array_map($said, $kit->tools), array_map($said, $kit->of->tools)];
}

it('takes part as it is packed, and with what comes to it', function (): void {
    $tool = static fn(string $id, ToolKind $kind = ToolKind::Cutter): Tool => new Tool($id, strtoupper($id), $kind, []);
    $kit = KitAsItStands::onPaper(new Kit('k', 'K', [new KitEntry($tool('a')), new KitEntry($tool('b'), 2)], false, new Hand(200.0)));
    expect(standing($kit))->toBe([['1 × a', '2 × b'], ['1 × a', '2 × b']]);
    expect([$kit->travels, $kit->hand?->gripForce, $kit->tool('a')?->name, $kit->tool('c'), $kit->count('b'), $kit->count('c')])->toBe([false, 200.0, 'A', null, 2, 0]);
    $more = $kit->oneMore($tool('a'))->oneMore($tool('c', ToolKind::Crimper));
    expect(standing($more))->toBe([['2 × a', '2 × b', '1 × c'], ['2 × a', '2 × b', '1 × c']]);
    expect([$kit->hasKind(ToolKind::Crimper), $more->hasKind(ToolKind::Crimper)])->toBe([false, true]);
    expect(standing(KitAsItStands::none()))->toBe([[], []]);
});

it('has of a model of its own and shared its own first, and for a plan both as one', function (): void {
    $tool = new Tool('a', 'A', ToolKind::Cutter, []);
    $kit = KitAsItStands::onPaper(new Kit('k', 'K', [new KitEntry($tool)]), [new Kit('o', 'O', [new KitEntry($tool, 2)])]);
    $told = static fn(KitAsItStands $kit): array => array_map(static fn(TakingPart $part): string => $part->count . ($part->isShared ? ' shared' : ''), $kit->tools);
    expect($told($kit))->toBe(['1', '2 shared'])
        ->and($kit->count('a'))->toBe(1)
        ->and($told($kit->eachModelOnce()))->toBe(['3'])
        ->and($told($kit->oneMore($tool)))->toBe(['2', '2 shared'])
        ->and($told($kit->without('a')))->toBe([]);
});
