<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Card\CardOp;
use Gondrik\Core\Card\CardStep;
use Gondrik\Core\Card\SetUpCard;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Wording\Words;

/**
 * The steps of a card as somebody reads them: what is done alike to both ends of a splice stands once and says so, all else says
 * which end it is about. The strokes of a crimp stand each by itself: two that read as one are pressed as one.
 */
final readonly class CardRows
{
    /**
     * @param list<array<string, mixed>> $written the card's steps as CardWriter writes them, one for each
     *
     * @return list<array<string, mixed>> with the name of the step, and `of`: the end it is about, null where the line has but one
     */
    public static function of(SetUpCard $card, array $written): array
    {
        $rows = [];
        $last = null;
        foreach ($card->steps as $number => $step) {
            $row = $written[$number];
            if ($last !== null && self::readsAlike($card->steps[$last], $step, $written[$last], $row)) {
                $rows[count($rows) - 1]['of'] = self::both($card->cover->line);
            } else {
                $rows[] = [...$row, 'name' => Words::for('card-op', $step->op->value), 'of' => self::end($card->cover->line, $step)];
                $last = $number;
            }
        }

        return $rows;
    }

    /**
     * @param array<string, mixed> $first
     * @param array<string, mixed> $second
     */
    private static function readsAlike(CardStep $one, CardStep $other, array $first, array $second): bool
    {
        $said = static fn(array $step): array => [...array_diff_key($step, ['wire' => null]), 'settings' => (array) $step['settings']];

        return $one->op === $other->op
            && $one->op !== CardOp::Crimp
            && $one->end !== null && $other->end !== null && $one->end !== $other->end
            && $said($first) === $said($second);
    }

    private static function both(Line $line): string
    {
        $isOneJoint = in_array($line->terminal?->class, [TerminalClass::Tap, TerminalClass::SolderSplice], true);

        return Words::for('card-ends', $isOneJoint ? 'wires' : 'both');
    }

    private static function end(Line $line, CardStep $step): ?string
    {
        if ($step->end === null || count($line->ends) < 2 || !$step->op->isPerWire()) {
            return null;
        }
        $isFirst = $step->end === $line->ends[0];

        return match (true) {
            $line->terminal?->class === TerminalClass::Tap => $step->op === CardOp::Crimp ? self::both($line) : Words::for('card-ends', $isFirst ? 'through' : 'branch'),
            $line->ends[0]->wire->id !== $line->ends[1]->wire->id => $step->end->wire->name,
            default => Words::for('card-ends', $isFirst ? 'first' : 'second'),
        };
    }
}
