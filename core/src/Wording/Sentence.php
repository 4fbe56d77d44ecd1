<?php

declare(strict_types=1);

namespace Gondrik\Core\Wording;

use Gondrik\Core\Bench\Note;
use Gondrik\Core\Card\Instruction;
use Gondrik\Core\Entry\Question;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\OnDay\Standing;
use Gondrik\Core\Reference\Table;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\ReasonCode;

/** The one place where codes and their numbers become sentences; the wording stands in data/reasons.csv and data/wanted.csv. */
final readonly class Sentence
{
    private Template $template;

    public function __construct(Units $units = new Units())
    {
        $this->template = new Template($units);
    }

    public function of(Reason $reason): string
    {
        $row = self::reasons()[$reason->code->value];
        $text = $row[$reason->fit->value] !== '' ? $row[$reason->fit->value] : $row['meaning'];

        $said = ucfirst($this->template->fill($text, $reason->numbers));
        // What names the house already need not say so twice.
        $isByRule = $reason->rule !== null && mb_stripos($said, 'the house') === false;

        return $said . ($isByRule ? ' By the house rule on ' . Words::for('rule', $reason->rule->value) . '.' : '');
    }

    /** What would close a hole. */
    public function wanted(Wanted $wanted): string
    {
        $asked = $wanted->asked;

        return ucfirst($this->template->fill(self::wantedTexts()[$wanted->capability::operation()->value]['text'], $wanted->numbers))
            . ($asked->compact ? ', compact' : '')
            . ($asked->oneHanded ? ', for one hand' : '')
            . ($asked->noMains ? ', without mains' : '')
            . '.';
    }

    /** A hole in a few words, to be called by. */
    public function hole(Wanted $wanted): string
    {
        return ucfirst($this->template->fill(self::wantedTexts()[$wanted->capability::operation()->value]['name'], $wanted->numbers))
            . ($wanted->asked->compact ? ', tight' : '')
            . ($wanted->asked->oneHanded ? ', one-handed' : '');
    }

    /** Why a thing does not count. */
    public function away(Standing $standing): string
    {
        return $standing->code === null ? '' : $this->template->fill(self::awayTexts()[$standing->code->value], array_filter([
            'since' => $standing->since?->plain(),
            'until' => $standing->until?->plain(),
            'due' => $standing->due?->value,
            'borrower' => $standing->borrower,
        ], is_string(...)));
    }

    /** What an entry leaves open. */
    public function question(Question $question): string
    {
        return $this->template->fill(self::questions()[$question->code->value], $question->numbers);
    }

    /** A word beside a figure. */
    public function note(Note $note): string
    {
        return $this->template->fill(self::notes()[$note->code->value], $note->numbers);
    }

    /** What a card tells to do. */
    public function instruction(Instruction $instruction): string
    {
        return ucfirst($this->template->fill(self::instructions()[$instruction->code->value], $instruction->numbers));
    }

    /** One sentence on what a code means, for the reference. */
    public static function meaning(ReasonCode $code): string
    {
        return self::reasons()[$code->value]['meaning'];
    }

    /** @return array<string, array<string, string>> rows by code */
    private static function reasons(): array
    {
        static $rows = null;

        return $rows ??= array_column(Table::rows('reasons'), null, 'code');
    }

    /** @return array<string, string> by code */
    private static function awayTexts(): array
    {
        static $texts = null;

        return $texts ??= array_column(Table::rows('away'), 'text', 'code');
    }

    /** @return array<string, string> by code */
    private static function questions(): array
    {
        static $texts = null;

        return $texts ??= array_column(Table::rows('questions'), 'text', 'code');
    }

    /** @return array<string, string> by code */
    private static function instructions(): array
    {
        static $texts = null;

        return $texts ??= array_column(Table::rows('instructions'), 'text', 'code');
    }

    /** @return array<string, string> by code */
    private static function notes(): array
    {
        static $texts = null;

        return $texts ??= array_column(Table::rows('notes'), 'text', 'code');
    }

    /** @return array<string, array<string, string>> rows by operation */
    private static function wantedTexts(): array
    {
        static $rows = null;

        return $rows ??= array_column(Table::rows('wanted'), null, 'op');
    }
}
