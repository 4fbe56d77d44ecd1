<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Wire\Construction;
use Gondrik\Core\Wire\PrintedCode;

/** A wire or terminal that nobody knows yet, made of what was said of it; what was not said is left open. */
final readonly class Proposal
{
    /** Colours that pick a nest; of other terminals a colour says nothing. */
    private const BANDS = ['red', 'blue', 'yellow'];

    /**
     * @param array<string, string|int|float> $says    keys as the workbook has them; always a name
     * @param list<string>                    $missing keys that it must have before it can be kept
     * @param list<string>                    $unknown words that say nothing but stand in its name
     * @param list<string>                    $assumed keys that nobody said, and that its colour tells
     */
    public function __construct(public array $says, public array $missing, public array $unknown, public array $assumed = []) {}

    public static function ofWire(string $text): self
    {
        $says = ['name' => self::name($text)];
        $unknown = [];
        foreach (Units::of($text) as $unit) {
            $about = $unit->meaning?->about;
            $code = $unit->is(UnitKind::Word) ? PrintedCode::parse($unit->text) : null;
            if ($code !== null) {
                $says = [...$says, ...self::printed($code, $unit->text)];
            } elseif ($unit->is(UnitKind::Size) && $unit->size !== null && !isset($says['size'])) {
                $says['size'] = $unit->size->written;
            } elseif ($unit->is(UnitKind::Outside)) {
                $says['insulationOd'] = (float) $unit->value;
            } elseif ($unit->is(UnitKind::Times) && !isset($says['cores'])) {
                $says['cores'] = (int) $unit->value;
            } elseif ($unit->isWord('tinned')) {
                $says['conductor'] = 'tinned-copper';
            } elseif ($unit->meaning !== null && in_array($about, ['construction', 'insulation', 'conductor'], true)) {
                $says[$about] = $unit->meaning->value;
            } else {
                $unknown = [...$unknown, ...self::leftOver($unit)];
            }
        }

        return new self($says, self::missing($says, 'size', 'construction', 'insulation'), $unknown);
    }

    public static function ofTerminal(string $text): self
    {
        $says = ['name' => self::name($text)];
        $unknown = [];
        foreach (Units::of($text) as $unit) {
            $about = $unit->meaning?->about;
            if ($unit->is(UnitKind::Size) && $unit->size !== null) {
                $says['size'] = isset($says['size']) ? $says['size'] . ' / ' . $unit->size->written : $unit->size->written;
            } elseif ($unit->is(UnitKind::Stud, UnitKind::Hash)) {
                $says['stud'] = ($unit->is(UnitKind::Hash) ? '#' : '') . $unit->value;
            } elseif ($unit->meaning !== null && in_array($about, ['class', 'shape'], true)) {
                $says[$about] = $unit->meaning->value;
            } elseif ($unit->meaning !== null && $about === 'colour' && in_array($unit->meaning->value, self::BANDS, true)) {
                $says['nest'] = $unit->meaning->value;
            } else {
                $unknown = [...$unknown, ...self::leftOver($unit)];
            }
        }

        if (($says['shape'] ?? null) === 'butt') {
            $says['ends'] = 2;
        }
        $told = array_diff_key(self::toldByColour($says), $says);
        $says = [...$says, ...$told];

        return new self($says, self::missing($says, 'class', 'size'), $unknown, array_keys($told));
    }

    /**
     * A band of colour is the colour of an insulation, and stands for sizes (common practice).
     *
     * @param array<string, string|int|float> $says
     *
     * @return array<string, string>
     */
    private static function toldByColour(array $says): array
    {
        foreach (Table::rows('colour-bands') as $row) {
            if ($row['band'] === ($says['nest'] ?? null) && in_array($says['class'] ?? null, [null, TerminalClass::Insulated->value, TerminalClass::HeatShrink->value], true)) {
                return ['class' => TerminalClass::Insulated->value, 'size' => $row['awg'] . ' AWG / ' . $row['mm2'] . ' mm2'];
            }
        }

        return [];
    }

    /** @return array<string, string|int> what a code says of its wire: its size, and how its specification builds that */
    private static function printed(PrintedCode $code, string $text): array
    {
        $stranding = $code->stranding();

        return [
            'code' => $text,
            'size' => $code->size->written,
            ...$stranding === null ? [] : ['construction' => Construction::Stranded->value, 'strands' => $stranding->strands],
        ];
    }

    private static function name(string $text): string
    {
        return mb_substr(trim((string) preg_replace('~\s+~u', ' ', $text)), 0, 200);
    }

    /** @return list<string> */
    private static function leftOver(Unit $unit): array
    {
        $isSilent = $unit->is(UnitKind::Comma, UnitKind::Arrow, UnitKind::Plus) || $unit->meaning?->isNoun() === true || $unit->isWord(...Vocabulary::FILLING) || $unit->text === '/';

        return $isSilent ? [] : [$unit->text];
    }

    /**
     * @param array<string, string|int|float> $says
     *
     * @return list<string>
     */
    private static function missing(array $says, string ...$keys): array
    {
        return array_values(array_filter($keys, static fn(string $key): bool => !isset($says[$key])));
    }
}
