<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

use Gondrik\Core\Size\Family;
use Gondrik\Core\Size\InvalidSize;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\Span;
use Gondrik\Core\Terminal\Stud;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\PrintedCode;
use Gondrik\Core\Wire\Wire;

/** By what a wire or terminal is known when somebody speaks of it. */
final readonly class Features
{
    /** Of the diameter: so far may a caliper on soft insulation be off. */
    private const GIVE = 0.05;

    /** @var array<string, true> words of its id and name, in small letters */
    private array $words;

    /**
     * @param array<string, list<string>> $values  by what they are about; a feature that it does not state is missing
     * @param list<Span>                  $spans   a wire's one size, a terminal's one or two
     * @param list<string>                $called  what the shop calls it besides
     * @param list<float>                 $outside
     */
    private function __construct(
        public string $id,
        public string $name,
        private array $values,
        private array $spans,
        private bool $isRange,
        public array $called,
        private ?Stud $stud = null,
        private ?int $cores = null,
        /** What is printed on a wire. */
        private ?PrintedCode $code = null,
        /** mm over all of a wire, and over one of its cores, where known */
        private array $outside = [],
    ) {
        $words = [];
        foreach (preg_split('~[^\p{L}\p{N}/&.²-]+~u', mb_strtolower($id . ' ' . $name)) ?: [] as $word) {
            foreach ([$word, ...preg_split('~[-./]~', $word) ?: []] as $part) {
                $words[$part] = true;
                $words[Vocabulary::singular($part)] = true;
            }
        }
        unset($words['']);
        $this->words = $words;
    }

    /** @param list<string> $called what the shop calls it besides */
    public static function ofWire(Wire $wire, array $called = []): self
    {
        $materials = [$wire->insulation->value, ...$wire->sheath === null ? [] : [$wire->sheath->material->value]];

        return new self(
            $wire->id,
            $wire->name,
            ['construction' => [$wire->construction->value], 'insulation' => $materials, 'conductor' => [$wire->conductor->value]],
            [Span::between($wire->size, $wire->size)],
            false,
            $called,
            cores: $wire->cores,
            code: $wire->code === null ? null : PrintedCode::parse($wire->code),
            outside: array_values(array_filter([$wire->outsideDiameter(), $wire->insulationOd], static fn(?float $od): bool => $od !== null)),
        );
    }

    /** @param list<string> $called what the shop calls it besides */
    public static function ofTerminal(Terminal $terminal, array $called = []): self
    {
        $colour = Vocabulary::meaning(mb_strtolower((string) $terminal->nest));

        return new self(
            $terminal->id,
            $terminal->name,
            [
                'class' => [$terminal->class->value],
                ...$terminal->shape === null ? [] : ['shape' => [mb_strtolower($terminal->shape)]],
                // A colour is that of an insulation: what is bare has none, while a code that tells none may have any.
                ...match (true) {
                    $colour?->about === 'colour' => ['colour' => [$colour->value]],
                    $terminal->class === TerminalClass::Bare => ['colour' => []],
                    default => [],
                },
            ],
            array_values(array_filter([$terminal->size->gauge, $terminal->size->metric])),
            true,
            $called,
            $terminal->stud,
        );
    }

    /** Whether it has what a piece says: true, false where it has another, null where it says nothing of it. */
    public function has(Unit $unit): ?bool
    {
        return match ($unit->kind) {
            UnitKind::Size => $unit->size !== null && $this->hasSize($unit->size),
            UnitKind::Bare => $this->hasNumber((string) $unit->value),
            UnitKind::Hash => $this->isRange ? $this->hasStud('#' . $unit->value) : $this->hasNumber((string) $unit->value, Family::Gauge),
            UnitKind::Stud => $this->isRange ? $this->hasStud((string) $unit->value) : null,
            UnitKind::Times => $this->cores === null ? null : $this->cores === (int) $unit->value,
            UnitKind::Outside => $this->isRange ? null : $this->isAcross((float) $unit->value),
            UnitKind::Millimetres => $this->hasNumber((string) $unit->value, Family::Metric) || $this->isAcross((float) str_replace(',', '.', (string) $unit->value)),
            UnitKind::Named => $unit->value === $this->key(),
            UnitKind::Word => $this->hasCode((string) $unit->value) ?? $this->hasWord($unit),
            default => null,
        };
    }

    /** Tells it from all else, whatever its id: what a unit that is its full name has as its value. */
    public function key(): string
    {
        return ($this->isRange ? 'terminal ' : 'wire ') . $this->id;
    }

    /** A caliper over the insulation finds it, give or take. */
    private function isAcross(float $mm): bool
    {
        foreach ($this->outside as $own) {
            if (abs($own - $mm) <= self::GIVE * $mm) {
                return true;
            }
        }

        return false;
    }

    /** Null for a word that is no code, and where no code is printed on it. */
    private function hasCode(string $word): ?bool
    {
        $said = $this->code === null ? null : PrintedCode::parse($word);

        return $said === null ? null : $this->code?->agreesWith($said);
    }

    /** Of what it has: whether that is its own statement, and not only a word in its name or a stud that happens to fit. */
    public function states(Unit $unit): bool
    {
        return match ($unit->kind) {
            UnitKind::Stud, UnitKind::Hash => !$this->isRange || mb_strtolower((string) $this->stud) === mb_strtolower(($unit->is(UnitKind::Hash) ? '#' : '') . $unit->value),
            UnitKind::Word => $unit->meaning?->isFeature() !== true || !isset($this->values[$unit->meaning->about]) || in_array($unit->meaning->value, $this->values[$unit->meaning->about], true),
            default => true,
        };
    }

    public function statesStud(string $stud): bool
    {
        return $this->hasStud($stud) === true;
    }

    public function hasConductor(string $conductor): bool
    {
        return in_array($conductor, $this->values['conductor'] ?? [], true);
    }

    private function hasWord(Unit $unit): ?bool
    {
        $word = (string) $unit->value;
        $meaning = $unit->meaning;
        $isNamed = isset($this->words[$word]) || isset($this->words[Vocabulary::singular($word)])
            || ($meaning?->about === 'word' && isset($this->words[$meaning->value]));
        if ($meaning === null || $meaning->about === 'word' || $meaning->isNoun() || !$meaning->isFeature()) {
            return $isNamed ? true : null;
        }
        $stated = $this->values[$meaning->about] ?? null;

        return match (true) {
            $stated !== null && in_array($meaning->value, $stated, true) => true,
            $isNamed => true,
            // Twin ferrules are ferrules, and a colour that a code does not tell is unknown, not another.
            $stated === null => $this->isOfAnotherKind($meaning) ? false : null,
            default => false,
        };
    }

    /** A word for wires said of a terminal, or the other way round. */
    private function isOfAnotherKind(Meaning $meaning): bool
    {
        return in_array($meaning->about, $this->isRange ? ['construction', 'conductor'] : ['class', 'shape'], true);
    }

    private function hasSize(SizeRange $asked): bool
    {
        foreach (array_filter([$asked->gauge, $asked->metric]) as $span) {
            $isThere = false;
            foreach ($this->spans as $own) {
                $isThere = $isThere || ($own->family() === $span->family() && $own->holds($span->least->area) && $own->holds($span->greatest->area));
            }
            if (!$isThere) {
                return false;
            }
        }

        return true;
    }

    private function hasNumber(string $number, ?Family $only = null): bool
    {
        foreach ([Family::Gauge->value => ' AWG', Family::Metric->value => ' mm2'] as $family => $unit) {
            if ($only !== null && $family !== $only->value) {
                continue;
            }
            try {
                $area = Size::parse($number . $unit)->area;
            } catch (InvalidSize) {
                continue;
            }
            foreach ($this->spans as $own) {
                if ($own->family()->value === $family && $own->holds($area)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function hasStud(string $stud): ?bool
    {
        if ($this->stud === null) {
            return null;
        }
        try {
            return $this->stud->suits(Stud::parse($stud));
        } catch (Invalid) {
            return false;
        }
    }
}
