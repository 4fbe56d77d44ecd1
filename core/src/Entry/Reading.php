<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

use Gondrik\Core\Size\Torque;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\Wire;

/** What has been found so far while an entry is read. */
final class Reading
{
    public readonly EntryLine $line;

    /** @var list<Unit>|null what speaks of the second wire of a splice */
    public ?array $second = null;

    /** Where it says cold without saying how cold. */
    public ?Unit $cold = null;

    public bool $isTemperatureStated = false;

    /** Whether anything was decided by all that is known, and not by names and words alone. */
    public bool $restsOnOthers = false;

    /** @var list<Piece> */
    private array $tokens = [];

    /** @var list<Question> */
    private array $questions = [];

    /** @var list<Piece> */
    private array $unknown = [];

    public function __construct(private readonly string $text)
    {
        $this->line = new EntryLine();
    }

    public function token(Piece $piece): void
    {
        $this->tokens[] = $piece;
    }

    public function condition(Unit $unit, Meaning $meaning): void
    {
        if ($meaning->about === 'cold') {
            $this->cold = $unit;

            return;
        }
        $this->line->take($meaning);
        $this->token(new Piece($unit->from, $unit->to, $unit->text, $meaning->about));
    }

    public function figure(Unit $unit): void
    {
        $value = (float) $unit->value;
        $torque = $unit->is(UnitKind::Torque) ? self::torque($unit->text) : null;
        if ($torque !== null) {
            $this->line->torque = $torque;
        } elseif ($unit->is(UnitKind::Temperature) && abs($value) <= 200) {
            $this->line->ambient = $value;
            $this->isTemperatureStated = true;
        } elseif ($unit->is(UnitKind::PerBarrel) && $value >= 1) {
            $this->line->wiresInBarrel = (int) $value;
        } else {
            $this->unknown($unit);

            return;
        }
        $this->token(new Piece($unit->from, $unit->to, $unit->text, match ($unit->kind) {
            UnitKind::Torque => 'torque',
            UnitKind::Temperature => 'ambient',
            default => 'wiresInBarrel',
        }));
    }

    private static function torque(string $text): ?Torque
    {
        try {
            return Torque::parse($text);
        } catch (Invalid) {
            return null;
        }
    }

    public function unknown(Unit $unit): void
    {
        $this->unknown[] = new Piece($unit->from, $unit->to, $unit->text);
    }

    /** @param non-empty-list<Unit> $units which lead nowhere together */
    public function unknownPhrase(array $units): void
    {
        $piece = $this->piece($units, null, null);
        $this->unknown[] = $piece;
    }

    /**
     * @param non-empty-list<Unit>                         $units
     * @param list<string>                                 $candidates
     * @param array<string, string|int|float|list<string>> $numbers
     * @param list<string>                                 $readings
     */
    public function ask(string $about, array $units, QuestionCode $code, array $candidates = [], array $numbers = [], array $readings = []): void
    {
        $piece = $this->piece($units, null, null);
        $this->questions[] = new Question($about, $piece->from, $piece->to, $code, $candidates, $numbers, $readings);
    }

    public function askAt(string $about, int $at, QuestionCode $code): void
    {
        $this->questions[] = new Question($about, $at, $at, $code);
    }

    /** @param non-empty-list<Unit> $units from the first to the last of them */
    public function piece(array $units, ?string $means, ?string $id): Piece
    {
        $from = min(array_map(static fn(Unit $unit): int => $unit->from, $units));
        $to = max(array_map(static fn(Unit $unit): int => $unit->to, $units));

        return new Piece($from, $to, mb_substr($this->text, $from, $to - $from), $means, $id);
    }

    /** @param list<Unit> $units */
    public function between(array $units): string
    {
        return $units === [] ? '' : $this->piece($units, null, null)->text;
    }

    /** One end alone; a question about it has its candidates. */
    public function end(?string $id, string $about): EndReading
    {
        if ($this->cold !== null) {
            $this->unknown($this->cold);
        }
        $candidates = $readings = [];
        foreach ($this->questions as $question) {
            $candidates = $question->about === $about ? $question->candidates : $candidates;
            $readings = $question->about === $about ? $question->readings : $readings;
        }

        return new EndReading($id, $candidates, $readings, array_map(static fn(Piece $piece): string => $piece->text, $this->unknown), $this->line->said(), $this->isByName());
    }

    /** The whole; a line only where both its ends are known, and they go together. */
    public function entry(?Wire $wire, ?Terminal $terminal, ?Wire $wireB, bool $wantsSecond): QuickEntry
    {
        $line = null;
        if ($wire !== null && $terminal !== null && (!$wantsSecond || $wireB !== null)) {
            try {
                $line = $this->line->line('entry', $wire, $terminal, $wireB);
            } catch (Invalid $error) {
                $this->questions[] = new Question($error->field, 0, mb_strlen($this->text), QuestionCode::CannotBe, [], ['words' => $error->field, 'reason' => $error->expected]);
            }
        }
        $inOrder = static fn(Piece|Question $one, Piece|Question $other): int => $one->from <=> $other->from;
        usort($this->tokens, $inOrder);
        usort($this->questions, $inOrder);
        usort($this->unknown, $inOrder);

        return new QuickEntry($line, $this->tokens, $this->questions, $this->unknown, $this->isByName());
    }

    private function isByName(): bool
    {
        return !$this->restsOnOthers && $this->questions === [] && $this->unknown === [];
    }
}
