<?php

declare(strict_types=1);

use Gondrik\Core\Coverage\Others;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Match\Judge;
use Gondrik\Core\Match\LineChecks;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Scope\Step;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Tests\Support\InHands;
use Gondrik\Core\Tests\Support\ReasonExamples;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Verdict\Findings;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wording\LengthUnit;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;

it('matches one tool to one step', function (array $row): void {
    $workbook = Catalogue::workbook($row['wire'], $row['terminal'], $row['line'], $row['tool'], $row['rules'], $row['kit']);
    $work = Catalogue::work($workbook, $row['op']);
    expect($work)->not->toBeNull();
    $match = Catalogue::match($workbook, $row['op'], $work, $row['kit']);

    $codes = array_map(static fn(Reason $reason): string => $reason->code->value, $match->reasons);
    $expected = Catalogue::words($row['reasons']);
    sort($codes);
    sort($expected);
    expect($codes)->toBe($expected)
        ->and($match->fit()->value)->toBe($row['fit'])
        ->and($match->position())->toBe($row['position'] === '' ? null : $row['position']);

    // The verdict in numbers is that of the reasons, whichever way it is asked.
    $judge = new Judge(new Operations(Catalogue::houseRules($workbook)), Catalogue::houseRules($workbook));
    $part = $match->part;
    if (!in_array('requires.missing', $codes, true)) {
        $found = $judge->choice($part->tool, Operation::from($row['op']), (new Operations(Catalogue::houseRules($workbook)))->of(Operation::from($row['op'])), $work);
        expect($judge->verdict($part, Operation::from($row['op']), $work))->toEqual($match->verdict)
            ->and($found === null ? null : Judge::standingScore($part, $found))->toBe(match ($match->fit()) {
                Fit::Unsuitable => null,
                Fit::Makeshift => Findings::MAKESHIFT + $match->verdict->remarks,
                Fit::Proper => $match->verdict->remarks,
            });
    }
    foreach ($match->reasons as $reason) {
        expect((new Sentence())->of($reason))->not->toMatch('~[{}\[\]]~')->toMatch('~^[A-Z0-9“−-].*\.$~u');
    }
})->with(Catalogue::dataset('matches'));

it('says that a house rule changed the verdict', function (string $wire, string $terminal, string $line, string $tool, string $rules, string $rule): void {
    $workbook = Catalogue::workbook($wire, $terminal, $line, $tool, $rules);
    $named = [];
    foreach (Catalogue::works($workbook) as $operation => $works) {
        if (Catalogue::kit($workbook)->tools[0]->tool->capabilitiesFor(Operation::from($operation)) !== []) {
            foreach (Catalogue::match($workbook, $operation, $works[0])->reasons as $reason) {
                $named[] = $reason->rule?->value;
                if ($reason->rule !== null) {
                    expect((new Sentence())->of($reason))->toEndWith('.')->toMatch('~the house~i')->not->toContain($rule);
                }
            }
        }
    }
    expect($named)->toContain($rule);
})->with([
    ['2-0-fine', 'lug-2-0', '', 'hammer', 'hammerLugs=accept', 'hammerLugs'],
    ['16-stranded', 'ring-blue', '', 'oval-free', 'fullCycleFor=', 'fullCycleFor'],
    ['16-stranded', 'ring-blue', 'sleeve=plain', 'indent', 'indentOnInsulated=accept', 'indentOnInsulated'],
    ['14-stranded', 'ring-blue', '', 'strip-trained', 'trainedHands=yes', 'trainedHands'],
    ['16-stranded', 'butt-seal', '', 'torch', 'openFlame=no', 'openFlame'],
    ['16-stranded', 'ring-blue', '', 'torque-2.5', 'torqueEvery=yes', 'torqueEvery'],
    ['1.5-fine', 'clamp-fine', 'torque=0.8', 'torque-powered', 'poweredFinalTorque=yes', 'poweredFinalTorque'],
    ['16-stranded', 'ring-red', '', 'oval', 'insulationGrip=insulated', 'insulationGrip'],
]);

it('prefers fit, then few remarks, then the order of the kit', function (): void {
    $ranked = static function (string $tools): array {
        $workbook = Catalogue::workbook('14-stranded', 'ring-blue', '', $tools);
        $strip = Catalogue::work($workbook, 'strip');
        $rules = Catalogue::houseRules($workbook);
        $nothingChosen = new StepCover(new Step(Operation::Strip, null), $strip, Status::Hole, null);

        return array_map(static fn($match): string => $match->tool->id, (new Others(KitAsItStands::onPaper(Catalogue::kit($workbook)), $rules))->of($nothingChosen));
    };
    expect($ranked('notch-16-only notch-12-only strip-awg-only self-adjusting'))->toBe(['self-adjusting', 'strip-awg-only', 'notch-12-only', 'notch-16-only'])
        ->and($ranked('notch-14-only strip-awg-only'))->toBe(['notch-14-only', 'strip-awg-only'])
        ->and($ranked('strip-awg-only notch-14-only'))->toBe(['strip-awg-only', 'notch-14-only']);
});

it('measures a nest that holds only the wire by the end of the terminal farthest outside', function (): void {
    $workbook = Catalogue::workbook('16-stranded', 'bare-wide', '', 'indent-16-only');
    $partial = array_values(array_filter(Catalogue::match($workbook, 'crimp', Catalogue::work($workbook, 'crimp') ?? throw new LogicException())->reasons, static fn(Reason $reason): bool => $reason->code === ReasonCode::NestPartial));
    // 12 AWG is 3.31 mm2 and farther from the 16 AWG of the nest, 1.31 mm2, than 18 AWG at its other end.
    expect($partial[0]->value)->toEqualWithDelta(3.309, 0.001)->and($partial[0]->limit)->toEqualWithDelta(1.309, 0.001);
});

it('tells lengths in inches when asked', function (): void {
    $reason = new Reason(ReasonCode::NotchCutsStrands, Fit::Unsuitable, ['conductor' => 1.846, 'hole' => 1.464, 'cuts' => 'strands']);
    expect((new Sentence())->of($reason))->toBe('1.85 mm conductor, 1.46 mm hole: it would cut strands.')
        ->and((new Sentence(new Units(LengthUnit::Inch)))->of($reason))->toBe('0.073 in conductor, 0.058 in hole: it would cut strands.');
});

it('has a meaning and a sentence for every code and a case for every code', function (): void {
    $used = [];
    foreach (['matches' => 'reasons', 'lines' => 'checks', 'hands' => 'reasons'] as $table => $column) {
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
        $workbook = Catalogue::workbook($row['wire'], $row['terminal'], $row['line'], $row['tool'], $row['rules'], $row['kit']);
        $work = Catalogue::work($workbook, $row['op']);
        assert($work !== null);
        array_map($note, Catalogue::match($workbook, $row['op'], $work, $row['kit'])->reasons);
    }
    foreach (Catalogue::table('hands') as $row) {
        array_map($note, InHands::step($row)->reasons());
    }
    $expected = [];
    foreach (Catalogue::table('sentences') as $row) {
        $expected[$row['code'] . ' ' . $row['fit']] = $row['sentence'];
    }
    ksort($said);
    ksort($expected);
    expect($said)->toBe($expected);
});

it('says of a code what it is about here', function (string $wire, string $terminal, string $line, string $tool, string $rules, string $op, string $sentence): void {
    $workbook = Catalogue::workbook($wire, $terminal, $line, $tool, $rules);
    $work = Catalogue::work($workbook, $op) ?? throw new LogicException();
    expect(array_map((new Sentence())->of(...), Catalogue::match($workbook, $op, $work)->reasons))->toContain($sentence);
})->with([
    'a contact, by area' => ['14-stranded', 'contact-14', '', 'roll-14-mm', '', 'crimp', '14 AWG counts as 2.5 mm2 by trade, but its area is more than 10 % off.'],
    'a standard without a row' => ['28-stranded', 'ring-red', '', 'pull-500', 'pullTest=every', 'pull-test', 'UL 486A-486B has no figure for 28 AWG.'],
]);

// The reference screen shows them: GONDRIK_WRITE=1 writes them anew.
it('has an example of every code as it is shown', function (): void {
    $made = json_encode(ReasonExamples::all(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n";
    if (getenv('GONDRIK_WRITE') === '1') {
        file_put_contents(ReasonExamples::RESULTS, $made);
    }
    expect((string) file_get_contents(ReasonExamples::RESULTS))->toBe($made);
});
