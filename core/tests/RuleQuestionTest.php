<?php

declare(strict_types=1);

use Gondrik\Core\Output\RulesWriter;
use Gondrik\Core\Reference\Table;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\Preset;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Rules\Stance;
use Gondrik\Core\Tests\Support\CaseTable;
use Gondrik\Core\Verdict\HouseRule;
use Gondrik\Core\Wording\RuleAsks;
use Gondrik\Core\Wording\RuleQuestion;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\RulesCodec;

it('says an answer in words', function (array $case): void {
    $value = json_decode($case['value'], flags: JSON_THROW_ON_ERROR);
    // It is an answer: a workbook may say so.
    (new RulesCodec())->read((object) [$case['rule'] => $value]);

    expect(RuleQuestion::of(HouseRule::from($case['rule']))->inWords($value))->toBe($case['words']);
})->with(fn(): array => CaseTable::of('rule-answers', 'rule', 'value'));

it('asks every house rule once, and each by its school', function (): void {
    $asked = array_map(static fn(RuleQuestion $question): HouseRule => $question->rule, RuleQuestion::all());

    expect($asked)->toEqualCanonicalizing(HouseRule::cases());
    $schools = array_merge(...array_map(static fn(RuleQuestion $question): array => array_map(static fn(array $school): array => [...$school, 'rule' => $question->rule->value], $question->schools()), RuleQuestion::all()));
    expect($schools)->toEqualCanonicalizing(Table::rows('schools'));
});

it('has a word for every answer that a workbook may give, and for no other', function (): void {
    $schema = json_decode((string) file_get_contents(dirname(__DIR__) . '/data/workbook.schema.json'), true);
    $defs = $schema['$defs'];
    $of = static fn(array $part): array => isset($part['$ref']) ? $defs[basename($part['$ref'])] : $part;
    foreach ($defs['houseRules']['properties'] as $rule => $part) {
        if ($rule === 'preset') {
            continue;
        }
        $question = RuleQuestion::of(HouseRule::from($rule));
        $part = $of($part);
        $values = match (true) {
            $rule === 'insulations' => ['any', ...$defs['material']['enum']],
            in_array($question->asks, [RuleAsks::Number, RuleAsks::Share], true) => [],
            $question->asks === RuleAsks::Findings => $of($of($part['items'])['properties']['condition'])['enum'],
            ($part['type'] ?? '') === 'boolean' => ['true', 'false'],
            default => $part['enum'] ?? $of($part['items'])['enum'],
        };
        expect(array_map(strval(...), array_keys($question->answers)))->toEqualCanonicalizing($values, $rule);
    }
});

it('writes every preset with every rule, and reads it back as the same', function (): void {
    $presets = (new RulesWriter())->presets();
    expect(array_column($presets, 'preset'))->toBe([null, ...array_column(Preset::cases(), 'value')]);
    foreach ($presets as $at => ['preset' => $preset, 'name' => $name, 'answers' => $answers]) {
        $rules = array_map(static fn(array $answer): mixed => $answer['value'], $answers);
        $read = HouseRules::inForce((new RulesCodec())->read((object) $rules));
        expect($read)->toEqual($preset === null ? new HouseRules() : Preset::from($preset)->rules())
            ->and(array_keys($rules))->toEqualCanonicalizing(array_column(HouseRule::cases(), 'value'))
            ->and($name)->not->toBe((string) $preset);
    }
});

it('tells where rules differ from others, and what those say', function (): void {
    $shop = HouseRules::inForce(new RuleChoice(Preset::Panel));
    $scope = HouseRules::inForce(new RuleChoice(Preset::Panel), new RuleChoice(hammerLugs: Stance::Accept, torqueEvery: true));

    expect((new RulesWriter())->differing($scope, $shop))->toBe([
        ['rule' => 'hammerLugs', 'question' => 'Does a lug count that is pressed with a hammer?', 'words' => 'As a makeshift', 'instead' => 'No'],
    ])->and((new RulesWriter())->differing($shop, $shop))->toBe([]);
});

it('names what is no answer', function (string $rules, string $path, mixed $value): void {
    try {
        (new RulesCodec())->read(json_decode($rules, flags: JSON_THROW_ON_ERROR));
    } catch (InvalidWorkbook $refused) {
        expect([$refused->problems[0]->path, $refused->problems[0]->value])->toBe([$path, $value]);

        return;
    }
    throw new LogicException('was taken');
})->with([
    'a rule that there is not' => ['{"hammerLug":"accept"}', 'hammerLug', 'accept'],
    'an answer that there is not' => ['{"hammerLugs":"perhaps"}', 'hammerLugs', 'perhaps'],
    'one of a list' => ['{"fullCycleFor":["lug","lugs"]}', 'fullCycleFor/1', 'lugs'],
    'a preset' => ['{"preset":"ship"}', 'preset', 'ship'],
]);
