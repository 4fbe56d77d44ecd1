<?php

declare(strict_types=1);

use Gondrik\Core\Log\Log;
use Gondrik\Core\Proof\ChartSetting;
use Gondrik\Core\Proof\ControlChart;
use Gondrik\Core\Proof\Practice;
use Gondrik\Core\Proof\Proven;
use Gondrik\Core\Proof\ProvenState;
use Gondrik\Core\Rules\PullStandard;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Tests\Support\ThingsShop;
use Gondrik\Core\Tool\Crimp;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Wording\Words;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/* What pulls prove of a size, and how many were pulled before production. Capability 1.33 and twenty pulls are common practice. */

/**
 * A crimper of these nests, and pulls out of them.
 *
 * @param array<string, string> $nests "size=16-14 AWG proven=14 AWG" by label
 * @param list<string>          $log
 */
function provenShop(array $nests, array $log): Workbook
{
    $document = ThingsShop::document('home=van', '', implode('; ', $log));
    foreach ($nests as $label => $text) {
        preg_match_all('~(size|proven)=((?:(?! proven=).)+)~', $text, $found);
        $written[] = ['label' => (string) $label, ...array_combine($found[1], $found[2])];
    }
    $document['tools'][0]['capabilities'] = [['op' => 'crimp', 'classes' => ['insulated'], 'control' => 'full-cycle', 'profile' => 'oval', 'nests' => $written ?? []]];

    return (new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR));
}

function provenOf(Workbook $shop): Proven
{
    $chart = ControlChart::of(Log::of($shop->register->log)->about('c1'), ChartSetting::asked('wire'), PullStandard::ByClass);
    assert($chart !== null);

    return Proven::of($shop->register->assets[0]->tool, $chart);
}

it('says what pulls prove of a size', function (array $row): void {
    // Ranges of 4 about 100: three sigma of a piece are 3 × 4 / 1.128, and what is required lies so many times that below.
    $required = $row['capability'] === '' ? '' : sprintf(' required=%.12F', 100 - (float) $row['capability'] * 3 * 4 / 1.128);
    $log = array_map(static fn(int $at): string => Day::read('2027-01-01')->plus($at) . ' pull nest=blue forces=98+102' . $required, range(0, (int) $row['subgroups'] - 1));
    foreach (array_filter(explode(' ', $row['then'])) as $then) {
        $log[] = $then === 'cleared' ? '2027-03-02 cleared' : '2027-03-01 pull nest=blue forces=' . $then . $required;
    }
    // The entries of ThingsShop take whole numbers for what is required: written into the document they are exact.
    $shop = provenShop(['blue' => $row['nest']], array_map(static fn(string $one): string => (string) preg_replace('/ required=\S+/', '', $one), $log));
    $document = json_decode((new WorkbookCodec())->write($shop));
    foreach ($row['capability'] === '' ? [] : $document->log as $entry) {
        if ($entry->what === 'pull') {
            $entry->required = 100 - (float) $row['capability'] * 3 * 4 / 1.128;
        }
    }
    $proven = provenOf((new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR)));
    expect([$proven->state->value, (string) $proven->offered?->written, $proven->nest])->toBe([$row['state'], $row['offered'], 'blue']);
})->with(CaseTable::of('proven', 'case'));

it('knows the nest by its label, and of a tool of one nest without', function (): void {
    $log = ['2027-01-01 pull forces=98+102'];
    expect(provenOf(provenShop(['blue' => 'size=16-14 AWG'], $log))->nest)->toBe('blue')
        ->and(provenOf(provenShop(['blue' => 'size=16-14 AWG', 'red' => 'size=22-18 AWG'], $log))->state)->toBe(ProvenState::NoNest)
        ->and(provenOf(provenShop(['blue' => 'size=16-14 AWG'], ['2027-01-01 pull nest=red forces=98+102']))->state)->toBe(ProvenState::NoNest);
});

it('writes it into that nest alone, with its source', function (): void {
    $tool = provenShop(['blue' => 'size=16-14 AWG', 'red' => 'size=22-18 AWG'], [])->register->assets[0]->tool;
    $written = Proven::written($tool, 'blue', SizeRange::parse('14 AWG'), 'By c1.');
    $nests = static fn(Tool $of): array => array_map(static fn(Crimp $crimp): array => array_map(static fn($nest): ?string => $nest->proven?->written, $crimp->nests), array_values(array_filter($of->capabilities, static fn($one): bool => $one instanceof Crimp)));
    expect($nests($written))->toBe([['14 AWG', null]])->and($nests($tool))->toBe([[null, null]])
        ->and($written->note)->toBe('By c1.')
        ->and(Proven::written($written, 'red', SizeRange::parse('18 AWG'), 'By c2.')->note)->toBe('By c1. By c2.')
        ->and([$written->id, $written->name, $written->kind])->toBe([$tool->id, $tool->name, $tool->kind]);
});

it('counts what was pulled out of each nest, until twenty', function (): void {
    $practice = static fn(array $nests, array $log): array => array_map(
        static fn(Practice $one): string => $one->nest . ' ' . $one->pulls . ($one->isDone() ? ' done' : ''),
        (static function (Workbook $shop): array {
            return Practice::of($shop->register->assets[0], Log::of($shop->register->log)->about('c1'));
        })(provenShop($nests, $log)),
    );
    $five = static fn(int $day, string $nest): string => '2027-01-0' . $day . ' pull ' . $nest . ' forces=1+2+3+4+5';
    $two = ['blue' => 'size=16-14 AWG', 'red' => 'size=22-18 AWG'];
    expect($practice($two, [$five(1, 'nest=blue'), $five(2, 'nest=blue'), $five(3, 'nest=blue'), '2027-01-04 pull nest=blue forces=1+2+3+4']))->toBe(['blue 19', 'red 0'])
        ->and($practice($two, [$five(1, 'nest=blue'), $five(2, 'nest=blue'), $five(3, 'nest=blue'), $five(4, 'nest=blue'), $five(5, '')]))->toBe(['blue 20 done', 'red 0'])
        ->and($practice($two, [$five(1, 'nest=green')]))->toBe(['blue 0', 'red 0'])
        ->and($practice(['7' => 'size=16-14 AWG'], [$five(1, ''), '2027-01-02 cleared', $five(3, 'nest=7')]))->toBe(['7 10']);
});

it('has a sentence for each state', function (): void {
    foreach (ProvenState::cases() as $state) {
        expect(Words::for('proven', $state->value))->not->toBe($state->value);
    }
});
