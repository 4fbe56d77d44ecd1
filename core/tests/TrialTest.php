<?php

declare(strict_types=1);

use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Others;
use Gondrik\Core\Output\TrialWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\Stance;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\KitEntry;
use Gondrik\Core\Trial\Trial;
use Gondrik\Core\Trial\Tried;
use Gondrik\Core\Workbook\WorkbookCodec;

function builtIn(string $list, string $id): object
{
    return array_column(BuiltIn::read()->workbook->{$list}, null, 'id')[$id];
}

it('tries a tool on a wire, or on a terminal with it', function (array $case): void {
    $terminals = $case['terminal'] === '' ? [] : [builtIn('terminals', $case['terminal'])];
    $tried = (new Trial(new HouseRules()))->ofTool(builtIn('tools', $case['tool']), [builtIn('wires', $case['wire'])], $terminals);
    $found = array_values(array_filter($tried, static fn(Tried $one): bool => $one->operation->value === $case['op'] && ($one->terminal === null) === ($terminals === [])));
    $told = (new TrialWriter())->ofTool($found)[0]['tried'][0] ?? ['fit' => '', 'position' => null, 'code' => null];
    $position = $told['fit'] === 'unsuitable' ? '' : (string) $told['position'];
    expect([$told['fit'], $position, (string) $told['code']])->toBe([$case['fit'], $case['position'], $case['code']]);
})->with(CaseTable::of('trials', 'case'));

it('goes by the house rules', function (): void {
    $tool = builtIn('tools', 'hammer-crimper');
    $wire = builtIn('wires', 'thhn-4');
    $lug = builtIn('terminals', 'lug-4-awg');
    $accepted = (new Trial(new HouseRules(hammerLugs: Stance::Accept)))->ofTool($tool, [$wire], [$lug]);
    expect($accepted[0]->match->fit()->value)->toBe('makeshift')
        ->and((new Trial(new HouseRules(trainedHands: true)))->ofTool(builtIn('tools', 'knife'), [$wire], [])[0]->match->fit()->value)->toBe('proper');
});

it('counts wires, and terminals by the worst of their wires', function (): void {
    $wires = array_map(static fn(string $id): object => builtIn('wires', $id), ['thhn-14', 'hook-up-16', 'silicone-14', 'thhn-6']);
    $trial = new Trial(new HouseRules());
    $writer = new TrialWriter();
    [$strip] = $writer->ofTool($trial->ofTool(builtIn('tools', 'notch-10-18'), $wires, []));
    expect(array_diff_key($strip, ['tried' => 0]))->toBe(['op' => 'strip', 'of' => 4, 'proper' => 2, 'makeshift' => 0, 'unsuitable' => 2, 'about' => 'wires']);
    $terminals = array_map(static fn(string $id): object => builtIn('terminals', $id), ['ring-blue-m5', 'ring-yellow-m5', 'bare-butt-16-14']);
    [$crimp] = $writer->ofTool($trial->ofTool(builtIn('tools', 'oval-ratchet'), $wires, $terminals));
    expect(array_diff_key($crimp, ['tried' => 0]))->toBe(['op' => 'crimp', 'of' => 1, 'proper' => 1, 'makeshift' => 0, 'unsuitable' => 0, 'about' => 'terminals'])
        ->and(array_unique(array_column($crimp['tried'], 'wire')))->toEqual(['thhn-14', 'hook-up-16', 'silicone-14']);
});

it('says of a wire and of a terminal what it says of the tools one by one', function (): void {
    $trial = new Trial(new HouseRules());
    $all = BuiltIn::read()->workbook;
    $key = static fn(Tried $one): string => $one->match->tool->id . ' ' . $one->operation->value . ' ' . $one->wire->id . ' ' . $one->terminal?->id . ' ' . $one->match->fit()->value;
    $wire = builtIn('wires', 'thhn-14');
    $byTool = [];
    foreach ($all->tools as $tool) {
        $byTool = [...$byTool, ...array_map($key, $trial->ofTool($tool, [$wire], []))];
    }
    expect(array_map($key, $trial->ofWire($wire, $all->tools)))->toEqualCanonicalizing($byTool);

    $terminal = builtIn('terminals', 'ring-blue-m5');
    $byTool = [];
    foreach ($all->tools as $tool) {
        $ofTerminal = array_filter($trial->ofTool($tool, $all->wires, [$terminal]), static fn(Tried $one): bool => $one->terminal !== null);
        $byTool = [...$byTool, ...array_map($key, array_values($ofTerminal))];
    }
    expect(array_map($key, $trial->ofTerminal($terminal, $all->wires, $all->tools)))->toEqualCanonicalizing($byTool);
});

it('never says otherwise than coverage does of a plain line', function (int $seed): void {
    $workbook = (new WorkbookCodec())->read(json_encode(GeneratedWorkbook::of($seed), JSON_THROW_ON_ERROR));
    $rules = new HouseRules();
    $trial = new Trial($rules);
    // Alone on a bench, tool by tool, with all the kit at hand that each may require.
    $kit = new Kit('bench', 'Bench', array_map(static fn(object $tool): KitEntry => new KitEntry($tool), $workbook->tools), travels: false);
    $compared = 0;
    foreach ($workbook->tools as $tool) {
        foreach ($trial->ofTool($tool, $workbook->wires, $workbook->terminals) as $one) {
            if ($one->terminal === null) {
                continue;
            }
            $line = new Gondrik\Core\Scope\Line('l', $one->wire, $one->terminal, joint: new Gondrik\Core\Scope\Joint(wiresInBarrel: $one->terminal->class === Gondrik\Core\Terminal\TerminalClass::TwinFerrule ? 2 : 1));
            foreach (Coverage::onPaper($kit, new Scope('s', 'S', [$line]), $rules)->lines[0]->steps as $step) {
                if ($step->step->operation === $one->operation) {
                    $matches = [...$step->chosen === null ? [] : [$step->chosen], ...(new Others(KitAsItStands::onPaper($kit), $rules))->of($step)];
                    $ofTool = array_values(array_filter($matches, static fn(object $match): bool => $match->tool === $tool))[0];
                    expect([$one->match->fit(), $one->match->position()])->toBe([$ofTool->fit(), $ofTool->position()]);
                    $compared++;
                }
            }
        }
    }
    expect($compared)->toBeGreaterThan(0);
})->with([11, 12, 13]);
