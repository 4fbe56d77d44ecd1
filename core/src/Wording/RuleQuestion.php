<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Verdict\HouseRule;

/** A house rule as the question that a shop answers (data/rule-questions.csv), and what can be answered to it (data/rule-answers.csv). */
final readonly class RuleQuestion
{
    /** Of a list: nothing of it. */
    private const NONE = 'None';

    /** @param array<array-key, string> $answers what can be answered, or be among the answer, by its value as text */
    private function __construct(
        public HouseRule $rule,
        /** What it is about, with others: "Crimping". */
        public string $topic,
        public string $question,
        public RuleAsks $asks,
        public array $answers,
    ) {}

    /** @return list<self> in the order in which they are asked */
    public static function all(): array
    {
        static $all = null;

        return $all ??= array_map(self::read(...), Table::rows('rule-questions'));
    }

    public static function of(HouseRule $rule): self
    {
        foreach (self::all() as $question) {
            if ($question->rule === $rule) {
                return $question;
            }
        }

        throw new \LogicException('no question for the house rule ' . $rule->value);
    }

    /**
     * An answer in words.
     *
     * @param mixed $plain as the workbook writes the rule
     */
    public function inWords(mixed $plain): string
    {
        return match (true) {
            $this->asks === RuleAsks::Number => self::text($plain) . ($plain === 1 ? ' try' : ' tries'),
            $this->asks === RuleAsks::Share => round((float) self::text($plain) * 100, 6) . '%',
            $this->asks === RuleAsks::Findings => $this->foundInWords(is_array($plain) ? $plain : []),
            is_array($plain) => $plain === [] ? self::NONE : self::listed(array_map(fn(mixed $one): string => $this->answers[self::text($one)] ?? self::text($one), array_values($plain))),
            default => $this->answers[self::text($plain)] ?? self::text($plain),
        };
    }

    /** @return list<array{about: string, school: string, argument: string}> what practitioners say for the one and the other */
    public function schools(): array
    {
        $rows = array_values(array_filter(Table::rows('schools'), fn(array $row): bool => $row['rule'] === $this->rule->value));

        return array_map(static fn(array $row): array => ['about' => $row['about'], 'school' => $row['school'], 'argument' => $row['argument']], $rows);
    }

    /** @return list<array{finding: string, words: string, usual: string}> what hands may find, and the condition that usually follows; none where it does not ask for these */
    public function findings(): array
    {
        $rows = $this->asks === RuleAsks::Findings ? Table::rows('findings') : [];

        return array_map(static fn(array $row): array => ['finding' => $row['code'], 'words' => $row['text'], 'usual' => $row['condition']], $rows);
    }

    /** @param array<array-key, mixed> $rules each a finding with its condition */
    private function foundInWords(array $rules): string
    {
        $texts = array_column(Table::rows('findings'), 'text', 'code');
        $said = [];
        foreach ($rules as $rule) {
            ['finding' => $finding, 'condition' => $condition] = (array) $rule;
            $said[] = lcfirst($texts[$finding]) . ': ' . $this->answers[$condition];
        }

        return $said === [] ? 'What usually follows' : ucfirst(implode('; ', $said));
    }

    /** @param list<string> $words */
    private static function listed(array $words): string
    {
        return mb_strtoupper(mb_substr($text = implode(', ', $words), 0, 1)) . mb_substr($text, 1);
    }

    private static function text(mixed $plain): string
    {
        return is_bool($plain) ? ($plain ? 'true' : 'false') : (is_scalar($plain) ? (string) $plain : '');
    }

    /** @param array<string, string> $row */
    private static function read(array $row): self
    {
        $own = array_filter(Table::rows('rule-answers'), static fn(array $answer): bool => $answer['rule'] === $row['rule']);

        return new self(
            HouseRule::from($row['rule']),
            $row['topic'],
            $row['question'],
            RuleAsks::from($row['asks']),
            [...array_column($own, 'answer', 'value'), ...Words::of($row['words'])],
        );
    }
}
