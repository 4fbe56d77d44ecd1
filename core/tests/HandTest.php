<?php

declare(strict_types=1);

use Gondrik\Core\Card\CardOp;
use Gondrik\Core\Card\CardStep;
use Gondrik\Core\Card\SetUpCard;
use Gondrik\Core\Output\ReportWriter;
use Gondrik\Core\Tests\Support\Catalogue;
use Gondrik\Core\Tests\Support\InHands;
use Gondrik\Core\Tool\Hand;
use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\SkillGroup;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\ReasonCode;

/* What a kit covers in the hands of somebody: their strength and span, and what they may do alone. */

it('covers a step in the hands of somebody', function (array $row): void {
    $step = InHands::step($row);
    expect(array_map(static fn(Reason $reason): string => $reason->code->value, $step->reasons()))->toEqualCanonicalizing(Catalogue::words($row['reasons']))
        ->and($step->status->value)->toBe($row['status']);
})->with(Catalogue::dataset('hands'));

it('leaves the tool that is taken, and counts the line as makeshift', function (string $signedOff, int $hole, int $makeshift): void {
    $row = ['case' => '', 'op' => 'crimp', 'wire' => '16mm-stranded', 'terminal' => 'lug-16', 'line' => 'quantity=7', 'tool' => 'hexagon-lug cut-cable knife-small', 'rules' => 'pullTest=no signOffFor=crimp', 'hand' => '', 'signedOff' => $signedOff];
    $headline = InHands::report($row)->headline;
    expect([$headline->hole, $headline->makeshift])->toBe([$hole, $makeshift])
        ->and(InHands::step($row)->chosen?->tool->id)->toBe('hexagon-lug')
        ->and(InHands::step($row)->chosen?->fit()->value)->toBe('proper');
})->with([['', 0, 7], ['crimp:lug', 0, 0]]);

it('writes why behind the reasons of the tool, by the house rule that wants it', function (): void {
    $row = Catalogue::dataset('hands')['signed off for another class'][0];
    $steps = array_values(array_filter((new ReportWriter())->report(InHands::report($row))['lines'][0]['steps'], static fn(array $step): bool => $step['op'] === 'crimp'));
    expect($steps[0]['reasons'][3])->toBe([
        'code' => 'hand.not-signed-off',
        'fit' => 'makeshift',
        'numbers' => ['worker' => 'Ada'],
        'rule' => 'signOffFor',
        'text' => 'Only under supervision: Ada is not signed off for it. By the house rule on what nobody does alone without sign-off.',
    ]);
});

it('takes a skill or an operation as what nobody does alone, and nothing else', function (): void {
    expect(SkillGroup::read('crimp')->has(Operation::Crimp, null))->toBeTrue()
        ->and(SkillGroup::read('strip:soft')->has(Operation::Strip, null))->toBeFalse()
        ->and(SkillGroup::read('crimp')->has(Operation::Strip, null))->toBeFalse()
        ->and(static fn(): SkillGroup => SkillGroup::read('crimp:gold'))->toThrow(Invalid::class);
});

it('keeps who works, whatever else is supposed of the kit', function (): void {
    $workbook = Catalogue::workbook('16mm-stranded', 'lug-16', '', 'hexagon-lug cut-cable');
    $kit = KitAsItStands::onPaper(Catalogue::kit($workbook))->with(new Worker('ada', 'Ada', new Hand(90.0), []));
    $tool = $workbook->tools[0];
    foreach ([$kit->without($tool->id), $kit->oneMore($tool), $kit->oneAgain($tool), $kit->eachModelOnce()] as $supposed) {
        expect([$supposed->worker?->id, $supposed->hand?->gripForce])->toBe(['ada', 90.0]);
    }
    expect($kit->with(null)->worker)->toBeNull();
});

it('lets nobody do alone what says too little of itself', function (): void {
    $worker = new Worker('ada', 'Ada', null, [HandSkill::read('cut')]);
    expect([$worker->isSignedOff(HandSkill::of(Operation::Cut, null, null)), $worker->isSignedOff(HandSkill::of(Operation::Crimp, null, null)), $worker->isSignedOff(HandSkill::of(Operation::Strip, null, null))])->toBe([true, false, false]);
});

it('cites no house rule for what is a fact about somebody', function (string $hand, ?HouseRule $rule): void {
    $row = ['case' => '', 'op' => 'strip', 'wire' => '14-stranded', 'terminal' => 'ring-blue', 'line' => '', 'tool' => 'strip-trained', 'rules' => 'trainedHands=yes', 'hand' => $hand, 'signedOff' => 'strip:soft'];
    $trained = array_values(array_filter(InHands::step($row)->reasons(), static fn(Reason $reason): bool => $reason->code === ReasonCode::SkillTrained));
    expect($trained[0]->rule)->toBe($rule)->and($trained[0]->numbers)->toBe($rule === null ? ['worker' => 'Ada'] : []);
})->with(['somebody' => ['', null], 'nobody in particular' => ['none', HouseRule::TrainedHands]]);

it('says on the card first that a second person must be there', function (): void {
    $row = Catalogue::dataset('hands')['signed off for another class'][0];
    $report = InHands::report($row);
    $crimp = array_values(array_filter(SetUpCard::of($report, $report->lines[0])->steps, static fn(CardStep $step): bool => $step->op === CardOp::Crimp));
    expect($crimp[0]->remarks()[0]->code)->toBe(ReasonCode::HandNotSignedOff);
});
