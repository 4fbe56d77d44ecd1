<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

use Gondrik\Core\Terminal\Stud;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\PrintedCode;
use Gondrik\Core\Wire\Wire;

/**
 * Reads one line of work as people write it, against what is known: "40 × 12 AWG stranded PVC → ring yellow M6, wet". What could
 * be two things is asked, what is none stays unknown; nothing is guessed.
 */
final readonly class EntryReader
{
    /** Characters of one entry. */
    public const LONGEST = 500;

    private const MOST = 1_000_000;

    /** @var list<Features> */
    private array $wireFeatures;

    /** @var list<Features> */
    private array $terminalFeatures;

    private FullNames $names;

    /**
     * @param list<Wire>     $wires
     * @param list<Terminal> $terminals
     * @param list<Alias>    $aliases   what the shop calls some of them
     */
    public function __construct(private array $wires, private array $terminals, array $aliases = [])
    {
        $called = static fn(string $about, string $id): array => array_values(array_map(
            static fn(Alias $alias): string => $alias->words,
            array_filter($aliases, static fn(Alias $alias): bool => $alias->about === $about && $alias->id === $id),
        ));
        $this->wireFeatures = array_map(static fn(Wire $wire): Features => Features::ofWire($wire, $called('wire', $wire->id)), $wires);
        $this->terminalFeatures = array_map(static fn(Terminal $terminal): Features => Features::ofTerminal($terminal, $called('terminal', $terminal->id)), $terminals);
        $this->names = FullNames::of([...$this->wireFeatures, ...$this->terminalFeatures]);
    }

    public function read(string $text): QuickEntry
    {
        $reading = new Reading($text);
        [$before, $after, $isTurned] = self::parted($this->names->in($text, Units::of($text)));
        $before = $isTurned ? $before : $this->withGauge($before, $reading);
        [$before, $after] = $this->withoutQuantity($before, $after, $isTurned ? $this->wireFeatures : $this->terminalFeatures, $reading);
        [$wireSide, $terminalSide] = $isTurned ? [$after, $before] : [$before, $after];
        $wireUnits = $this->side($wireSide, $this->wireFeatures, $reading);
        $terminalUnits = $this->side($terminalSide, $this->terminalFeatures, $reading);
        $end = mb_strlen($text);
        $wire = $this->resolve('wire', $wireUnits, $this->wireFeatures, $reading, QuestionCode::NoWire, 0);
        $terminal = $this->resolve('terminal', $terminalUnits, $this->terminalFeatures, $reading, QuestionCode::NoTerminal, $end, $this->wire($wire));
        $wireB = $reading->second === null ? null : $this->resolve('wireB', $reading->second, $this->wireFeatures, $reading, QuestionCode::NoWire, $end);
        if ($reading->cold !== null && !$reading->isTemperatureStated) {
            $reading->ask('ambient', [$reading->cold], QuestionCode::HowCold);
        }

        return $reading->entry($this->wire($wire), $this->terminal($terminal), $this->wire($wireB), $reading->second !== null);
    }

    /**
     * One end of a line by itself, as a cell of a table has it: no arrow, no quantity.
     *
     * @param string      $about wire, terminal or wireB
     * @param string|null $wire  id of the wire that goes into a terminal, which may decide between several
     */
    public function end(string $about, string $text, ?string $wire = null): EndReading
    {
        $known = $about === 'terminal' ? $this->terminalFeatures : $this->wireFeatures;
        $reading = new Reading($text);
        $units = $this->side($this->names->in($text, Units::of($text)), $known, $reading);
        $id = $this->resolve($about, $units, $known, $reading, $about === 'terminal' ? QuestionCode::NoTerminal : QuestionCode::NoWire, 0, $this->wire($wire));

        return $reading->end($id, $about);
    }

    /**
     * A number in front is the gauge where the words after it name one wire of that gauge, and say no size themselves. Where they
     * name that wire without it, too, it may as well be how many, and is asked.
     *
     * @param list<Unit> $units before the arrow
     *
     * @return list<Unit> with the gauge as one
     */
    private function withGauge(array $units, Reading $reading): array
    {
        $number = $units[0] ?? null;
        $words = array_slice($units, 1);
        if ($number?->is(UnitKind::Bare) !== true || preg_match('~^\d+$~', (string) $number->value) !== 1 || !self::isDescription($words)) {
            return $units;
        }
        $gauge = new Unit(UnitKind::Hash, $number->from, $number->to, $number->text, $number->value);
        $phrase = Phrase::among([$gauge, ...$words], $this->wireFeatures, $reading->between($words));
        $reading->restsOnOthers = $reading->restsOnOthers || !$phrase->isName;
        if (count($phrase->candidates) !== 1 || $phrase->candidates[0]->has($gauge) !== true) {
            return $units;
        }
        $alone = Phrase::among($words, $this->wireFeatures, $reading->between($words));
        if (count($alone->candidates) === 1 && $alone->matched !== []) {
            if (Phrase::isName($reading->between($words), $alone->candidates[0])) {
                return $units;
            }
            $reading->ask('quantity', [$number], QuestionCode::GaugeOrCount, [], ['words' => $number->text], [$number->text . ' AWG', $number->text . ' ×']);
        }

        return [$gauge, ...$words];
    }

    /**
     * Words of a wire, and no size among them.
     *
     * @param list<Unit> $units
     */
    private static function isDescription(array $units): bool
    {
        foreach ($units as $unit) {
            if ($unit->is(UnitKind::Size, UnitKind::Hash, UnitKind::Named, UnitKind::Millimetres, UnitKind::Bare, UnitKind::Times) || PrintedCode::parse($unit->text) !== null) {
                return false;
            }
        }

        return $units !== [];
    }

    /**
     * A quantity stands first or last. Where it is both, the first is the number of cores of a cable; a number that stands alone
     * before the arrow speaks of the wire, and one behind the words of a terminal is its size where there is one of that size.
     *
     * @param list<Unit>     $before
     * @param list<Unit>     $after
     * @param list<Features> $known  of what stands last
     *
     * @return array{list<Unit>, list<Unit>} the rest of both
     */
    private function withoutQuantity(array $before, array $after, array $known, Reading $reading): array
    {
        $isNumber = static fn(?Unit $unit): bool => $unit !== null && $unit->is(UnitKind::Bare, UnitKind::Times) && preg_match('~^\d+$~', (string) $unit->value) === 1;
        $first = $before[0] ?? null;
        $last = $after === [] ? null : $after[count($after) - 1];
        $isCores = $first?->is(UnitKind::Times) === true && ($before[1] ?? null)?->is(UnitKind::Size) === true && $last?->is(UnitKind::Times) === true;
        if ($first !== null && $isNumber($first) && !$isCores && (count($before) > 1 || $first->is(UnitKind::Times))) {
            $this->quantity($first, $reading);

            return [array_slice($before, 1), $after];
        }
        if ($last === null || !$isNumber($last) || count($after) < 2) {
            return [$before, $after];
        }
        $reading->restsOnOthers = true;
        if ($this->isSize($last, array_slice($after, 0, -1), $known)) {
            return [$before, $after];
        }
        $this->quantity($last, $reading);

        return [$before, array_slice($after, 0, -1)];
    }

    /**
     * @param list<Unit>     $units before it
     * @param list<Features> $known
     */
    private function isSize(Unit $number, array $units, array $known): bool
    {
        $before = $units[count($units) - 1] ?? null;
        if ($number->is(UnitKind::Times) || $before?->is(UnitKind::Comma) !== false) {
            return false;
        }
        $phrase = array_values(array_filter($units, static fn(Unit $unit): bool => $unit->is(UnitKind::Size, UnitKind::Bare, UnitKind::Word)));

        return Phrase::allows($phrase, $known, static fn(Features $features): bool => $features->has($number) === true);
    }

    private function quantity(Unit $unit, Reading $reading): void
    {
        $number = (int) $unit->value;
        if ($number < 1 || $number > self::MOST) {
            $reading->unknown($unit);

            return;
        }
        $reading->line->quantity = $number;
        $from = $unit->from + (int) mb_strpos($unit->text, (string) $unit->value);
        $reading->token(new Piece($from, $from + mb_strlen((string) $unit->value), (string) $unit->value, 'quantity'));
    }

    /**
     * Wire and terminal are parted by the first arrow, else by the first into, to or in; an "on" has them the other way round.
     *
     * @param list<Unit> $units
     *
     * @return array{list<Unit>, list<Unit>, bool} both sides, and whether the terminal stands first
     */
    private static function parted(array $units): array
    {
        $parts = [
            static fn(Unit $unit): bool => $unit->is(UnitKind::Arrow),
            static fn(Unit $unit): bool => $unit->isWord('into', 'to', 'in'),
            static fn(Unit $unit): bool => $unit->isWord('on', 'onto'),
        ];
        foreach ($parts as $turn => $isPart) {
            foreach ($units as $index => $unit) {
                if ($isPart($unit)) {
                    return [array_slice($units, 0, $index), array_slice($units, $index + 1), $turn === 2];
                }
            }
        }

        return [$units, [], false];
    }

    /**
     * Takes the conditions out of one side and leaves what speaks of its wire or terminal.
     *
     * @param list<Unit>     $units
     * @param list<Features> $known
     *
     * @return list<Unit>
     */
    private function side(array $units, array $known, Reading $reading): array
    {
        $phrase = $studs = $later = [];
        $segment = 0;
        $isSecond = false;
        foreach ($units as $unit) {
            $isCondition = $unit->meaning !== null && !$unit->meaning->isFeature();
            if ($unit->is(UnitKind::Comma)) {
                $segment++;
                $isSecond = false;
            } elseif ($unit->is(UnitKind::Plus)) {
                $isSecond = true;
                $reading->second ??= [];
            } elseif ($unit->is(UnitKind::Arrow) || $unit->isWord(...Vocabulary::FILLING)) {
                continue;
            } elseif ($isCondition && $unit->meaning !== null && !$this->isConductor($unit, $segment, [...$phrase, ...$isSecond ? $reading->second ?? [] : []], $known, $reading)) {
                $reading->condition($unit, $unit->meaning);
                $isSecond = false;
            } elseif ($unit->is(UnitKind::Torque, UnitKind::Temperature, UnitKind::PerBarrel)) {
                $reading->figure($unit);
                $isSecond = false;
            } elseif ($isSecond) {
                $reading->second[] = $unit;
            } elseif ($unit->is(UnitKind::Stud) || ($unit->is(UnitKind::Hash) && $known === $this->terminalFeatures)) {
                $segment === 0 ? $studs[] = $unit : $later[] = $unit;
            } elseif ($segment === 0 || $phrase === [] || Phrase::allows($phrase, $known, static fn(Features $features): bool => $features->has($unit) === true)) {
                $phrase[] = $unit;
            } else {
                $reading->unknown($unit);
            }
        }

        return $this->withStuds($phrase, $studs, $later, $known, $reading);
    }

    /**
     * "tinned" beside a wire that is: it is the wire's, not what is done to it.
     *
     * @param list<Unit>     $phrase
     * @param list<Features> $known
     */
    private function isConductor(Unit $unit, int $segment, array $phrase, array $known, Reading $reading): bool
    {
        if (!$unit->isWord('tinned') || $segment !== 0 || $known !== $this->wireFeatures) {
            return false;
        }
        $reading->restsOnOthers = true;

        return Phrase::allows($phrase, $known, static fn(Features $features): bool => $features->hasConductor('tinned-copper'));
    }

    /**
     * A stud beside the words of a terminal tells which one where there is one with it; else, and behind a comma, it is the
     * line's. One behind a comma decides where else there would be a question.
     *
     * @param list<Unit>     $phrase
     * @param list<Unit>     $studs
     * @param list<Unit>     $later
     * @param list<Features> $known
     *
     * @return list<Unit>
     */
    private function withStuds(array $phrase, array $studs, array $later, array $known, Reading $reading): array
    {
        foreach ([...$studs, ...$later] as $unit) {
            $reading->restsOnOthers = true;
            $stud = $unit->is(UnitKind::Hash) ? '#' . $unit->value : (string) $unit->value;
            $isTelling = Phrase::allows($phrase, $known, static fn(Features $features): bool => $features->statesStud($stud));
            $isAsked = in_array($unit, $studs, true) || count(Phrase::among($phrase, $known, '')->candidates) > 1;
            if ($isTelling && $isAsked) {
                $phrase[] = $unit;
                continue;
            }
            try {
                $reading->line->stud = Stud::parse($stud);
                $reading->token(new Piece($unit->from, $unit->to, $unit->text, 'stud'));
            } catch (Invalid) {
                $reading->unknown($unit);
            }
        }
        usort($phrase, static fn(Unit $one, Unit $other): int => $one->from <=> $other->from);

        return $phrase;
    }

    /**
     * @param list<Unit>     $units
     * @param list<Features> $known
     *
     * @return string|null the id, null while it is open
     */
    private function resolve(string $about, array $units, array $known, Reading $reading, QuestionCode $missing, int $at, ?Wire $into = null): ?string
    {
        if ($units === []) {
            $reading->askAt($about, $at, $missing);

            return null;
        }
        $phrase = Phrase::among($units, $known, $reading->between($units));
        $reading->restsOnOthers = $reading->restsOnOthers || !$phrase->isName;
        if ($this->asksMillimetres($about, $units, $phrase, $reading)) {
            return null;
        }
        if ($phrase->candidates === [] || $phrase->matched === []) {
            $reading->unknownPhrase($units);

            return null;
        }
        foreach ($phrase->unknown as $unit) {
            $reading->unknown($unit);
        }
        $left = $into === null ? $phrase->candidates : $this->taking($into, $reading->line->wiresInBarrel, $phrase->candidates);
        if (count($left) > 1) {
            $bare = array_values(array_filter($phrase->matched, static fn(Unit $unit): bool => $unit->is(UnitKind::Bare)));
            $reading->ask($about, $phrase->matched, $bare === [] ? QuestionCode::Which : QuestionCode::WhichSize, array_column($left, 'id'), ['words' => $bare === [] ? $reading->between($phrase->matched) : $bare[0]->text]);

            return null;
        }
        $reading->token($reading->piece($phrase->matched, $about, $left[0]->id));

        return $left[0]->id;
    }

    /**
     * Of terminals that are as good, the one that takes the wire; all of them where several do or none does.
     *
     * @param non-empty-list<Features> $candidates
     *
     * @return non-empty-list<Features>
     */
    private function taking(Wire $wire, ?int $wires, array $candidates): array
    {
        $taking = array_values(array_filter($candidates, fn(Features $features): bool => $this->terminal($features->id)?->takesWires($wire, $wires ?? 1) === true));

        return count($taking) === 1 ? $taking : $candidates;
    }

    /**
     * Bare millimetres are asked, whatever they fit: of vehicle wire they are as often the outside diameter as the area.
     *
     * @param non-empty-list<Unit> $units
     */
    private function asksMillimetres(string $about, array $units, Phrase $phrase, Reading $reading): bool
    {
        $open = array_values(array_filter($units, static fn(Unit $unit): bool => $unit->is(UnitKind::Millimetres)));
        $isName = count($phrase->candidates) === 1 && Phrase::isName($reading->between($units), $phrase->candidates[0]);
        if ($open === [] || $isName) {
            return false;
        }
        $said = $reading->between($units);
        $readings = array_map(
            static fn(string $instead): string => str_replace($open[0]->text, $instead, $said),
            [$open[0]->value . ' mm²', ...$about === 'terminal' ? [] : ['⌀ ' . $open[0]->value . ' mm']],
        );
        $reading->ask($about, $units, QuestionCode::WhichMillimetres, array_column($phrase->candidates, 'id'), ['words' => $open[0]->text], $readings);

        return true;
    }

    private function wire(?string $id): ?Wire
    {
        return array_column($this->wires, null, 'id')[$id ?? ''] ?? null;
    }

    private function terminal(?string $id): ?Terminal
    {
        return array_column($this->terminals, null, 'id')[$id ?? ''] ?? null;
    }
}
