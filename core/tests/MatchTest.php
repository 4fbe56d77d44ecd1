<?php

declare(strict_types=1);

use Gondrik\Core\Match\Fit;
use Gondrik\Core\Match\KitMatcher;
use Gondrik\Core\Match\Reason;
use Gondrik\Core\Match\ReasonCode;
use Gondrik\Core\Match\Sentence;
use Gondrik\Core\Scope\LineChecks;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Scope\Steps;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Tool\Operation;

it('matches one tool to one step', function (array $row): void {
    $workbook = Catalogue::workbook($row['wire'], $row['terminal'], $row['line'], $row['tool'], $row['rules']);
    $rules = Catalogue::houseRules($workbook);
    $steps = array_values(array_filter(Steps::of(Catalogue::line($workbook), $rules), static fn(Step $step): bool => $step->operation === Operation::from($row['op'])));
    expect($steps)->not->toBeEmpty();
    $kit = Catalogue::kit($workbook);
    $match = (new KitMatcher($kit, $rules))->match($kit->tools[0]->tool, $steps[0]);

    $codes = array_map(static fn(Reason $reason): string => $reason->code->value, $match->answer->reasons);
    $expected = Catalogue::words($row['reasons']);
    sort($codes);
    sort($expected);
    expect($codes)->toBe($expected)
        ->and($match->fit()->value)->toBe($row['fit'])
        ->and($match->answer->position)->toBe($row['position'] === '' ? null : $row['position']);

    foreach ($match->answer->reasons as $reason) {
        expect((new Sentence())->of($reason))->not->toContain('{')->not->toContain('unknown');
    }
})->with(Catalogue::dataset('matches'));

it('says that a house rule changed the verdict', function (string $wire, string $terminal, string $line, string $tool, string $rules, string $rule): void {
    $workbook = Catalogue::workbook($wire, $terminal, $line, $tool, $rules);
    $houseRules = Catalogue::houseRules($workbook);
    $kit = Catalogue::kit($workbook);
    $named = [];
    foreach (Steps::of(Catalogue::line($workbook), $houseRules) as $step) {
        $tools = (new KitMatcher($kit, $houseRules))->toolsFor($step->operation);
        foreach ($tools as $candidate) {
            foreach ((new KitMatcher($kit, $houseRules))->match($candidate, $step)->answer->reasons as $reason) {
                $named[] = $reason->rule;
                if ($reason->rule !== null) {
                    expect((new Sentence())->of($reason))->toEndWith('By house rule ' . $rule . '.');
                }
            }
        }
    }
    expect($named)->toContain($rule);
})->with([
    ['2-0-fine', 'lug-2-0', '', 'hammer', 'hammerLugs=accept', 'hammerLugs'],
    ['16-stranded', 'ring-blue', '', 'oval-free', 'fullCycleFor=', 'fullCycleFor'],
    ['16-stranded', 'ring-blue', 'sleeve=yes', 'indent', 'indentOnInsulated=accept', 'indentOnInsulated'],
    ['14-stranded', 'ring-blue', '', 'strip-trained', 'trainedHands=yes', 'trainedHands'],
    ['16-stranded', 'butt-seal', '', 'torch', 'openFlame=no', 'openFlame'],
    ['1.5-fine', 'clamp-fine', 'torque=0.8', 'torque-powered', 'poweredFinalTorque=yes', 'poweredFinalTorque'],
    ['16-stranded', 'ring-red', '', 'oval', 'insulationGrip=insulated', 'insulationGrip'],
]);

it('prefers fit, then few remarks, then the order of the kit', function (): void {
    $ranked = static function (string $tools): array {
        $workbook = Catalogue::workbook('14-stranded', 'ring-blue', '', $tools);
        $matcher = new KitMatcher(Catalogue::kit($workbook), Catalogue::houseRules($workbook));
        $strip = Steps::of(Catalogue::line($workbook), Catalogue::houseRules($workbook))[1];

        return array_map(static fn($match): string => $match->tool->id, $matcher->ranked($strip));
    };
    expect($ranked('notch-16-only notch-12-only strip-awg-only self-adjusting'))->toBe(['self-adjusting', 'strip-awg-only', 'notch-12-only', 'notch-16-only'])
        ->and($ranked('notch-14-only strip-awg-only'))->toBe(['notch-14-only', 'strip-awg-only'])
        ->and($ranked('strip-awg-only notch-14-only'))->toBe(['strip-awg-only', 'notch-14-only']);
});

it('tells lengths in inches when asked', function (): void {
    $reason = new Reason(ReasonCode::NotchCutsStrands, Fit::Unsuitable, ['conductor' => 1.846, 'hole' => 1.464]);
    expect((new Sentence())->of($reason))->toBe('Conductor 1.85 mm, hole 1.46 mm: it would cut strands.')
        ->and((new Sentence(Gondrik\Core\Match\LengthUnit::Inch))->of($reason))->toBe('Conductor 0.073 in, hole 0.058 in: it would cut strands.');
});

it('has a meaning and a sentence for every code and a case for every code', function (): void {
    $used = [];
    foreach (['matches' => 'reasons', 'lines' => 'checks'] as $table => $column) {
        foreach (Catalogue::table($table) as $row) {
            $used = [...$used, ...Catalogue::words($row[$column])];
        }
    }
    foreach (ReasonCode::cases() as $code) {
        expect(Sentence::meaning($code))->not->toBe('');
    }
    expect(array_values(array_diff(array_column(ReasonCode::cases(), 'value'), $used)))->toBe([]);
});

it('says each verdict as the table of sentences has it', function (): void {
    $said = [];
    $note = static function (Reason $reason) use (&$said): void {
        $said[$reason->code->value . ' ' . $reason->fit->value] ??= (new Sentence())->of($reason);
    };
    foreach (Catalogue::table('lines') as $row) {
        $workbook = Catalogue::workbook($row['wire'], $row['terminal'], $row['line'], '', $row['rules']);
        array_map($note, (new LineChecks(Catalogue::houseRules($workbook)))->of(Catalogue::line($workbook)));
    }
    foreach (Catalogue::table('matches') as $row) {
        $workbook = Catalogue::workbook($row['wire'], $row['terminal'], $row['line'], $row['tool'], $row['rules']);
        $matcher = new KitMatcher(Catalogue::kit($workbook), Catalogue::houseRules($workbook));
        foreach (Steps::of(Catalogue::line($workbook), Catalogue::houseRules($workbook)) as $step) {
            if ($step->operation->value === $row['op']) {
                array_map($note, $matcher->match(Catalogue::kit($workbook)->tools[0]->tool, $step)->answer->reasons);
            }
        }
    }
    $expected = [];
    foreach (Catalogue::table('sentences') as $row) {
        $expected[$row['code'] . ' ' . $row['fit']] = $row['sentence'];
    }
    ksort($said);
    ksort($expected);
    expect($said)->toBe($expected);
});
