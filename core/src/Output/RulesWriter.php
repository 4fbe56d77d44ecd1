<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\Preset;
use Gondrik\Core\Wording\RuleQuestion;
use Gondrik\Core\Wording\Words;
use Gondrik\Core\Workbook\RulesCodec;

/** House rules as plain data: what is asked, what is answered, and where two answers differ. */
final readonly class RulesWriter
{
    public function __construct(private RulesCodec $codec = new RulesCodec()) {}

    /** @return list<array<string, mixed>> in the order in which they are asked */
    public function questions(): array
    {
        return array_map(static fn(RuleQuestion $question): array => [
            'rule' => $question->rule->value,
            'topic' => $question->topic,
            'question' => $question->question,
            'asks' => $question->asks->value,
            'answers' => array_map(static fn(string $value, string $words): array => ['value' => $value, 'words' => $words], array_map(strval(...), array_keys($question->answers)), array_values($question->answers)),
            'findings' => $question->findings(),
            'schools' => $question->schools(),
        ], RuleQuestion::all());
    }

    /** @return list<array{preset: string|null, name: string, answers: array<string, array{value: mixed, words: string}>}> the usual rules of nobody in particular first */
    public function presets(): array
    {
        return [
            ['preset' => null, 'name' => 'Of no trade in particular', 'answers' => $this->answers(new HouseRules())],
            ...array_map(fn(Preset $preset): array => ['preset' => $preset->value, 'name' => Words::for('preset', $preset->value), 'answers' => $this->answers($preset->rules())], Preset::cases()),
        ];
    }

    /** @return array<string, array{value: mixed, words: string}> by rule */
    public function answers(HouseRules $rules): array
    {
        $plain = $this->codec->inForce($rules);
        $answers = [];
        foreach (RuleQuestion::all() as $question) {
            $value = $plain[$question->rule->value];
            $answers[$question->rule->value] = ['value' => $value, 'words' => $question->inWords($value)];
        }

        return $answers;
    }

    /** @return list<array{rule: string, question: string, words: string, instead: string}> where rules answer otherwise than others, and what those would say */
    public function differing(HouseRules $rules, HouseRules $from): array
    {
        [$of, $other] = [$this->answers($rules), $this->answers($from)];
        $differing = [];
        foreach (RuleQuestion::all() as $question) {
            $rule = $question->rule->value;
            if (json_encode($of[$rule]['value']) !== json_encode($other[$rule]['value'])) {
                $differing[] = ['rule' => $rule, 'question' => $question->question, 'words' => $of[$rule]['words'], 'instead' => $other[$rule]['words']];
            }
        }

        return $differing;
    }
}
