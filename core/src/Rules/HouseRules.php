<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\ToolKind;

/** The house rules in force, every key decided. The defaults of the constructor are the default column. */
final readonly class HouseRules
{
    public const FULL_CYCLE_FOR = [
        TerminalClass::Insulated,
        TerminalClass::HeatShrink,
        TerminalClass::OpenBarrel,
        TerminalClass::SealedOpenBarrel,
        TerminalClass::SolidContact,
        TerminalClass::Ferrule,
        TerminalClass::TwinFerrule,
    ];

    /** Nest code of the terminals that the red band rule is about. */
    private const RED = 'red';

    private const NARROW_RED = '22-18 AWG / 0.5-1 mm2';

    /**
     * @param list<TerminalClass> $fullCycleFor   classes whose crimp must complete its stroke
     * @param list<TerminalClass> $insulationGrip classes whose crimp must grip the insulation too
     * @param list<Operation>     $backupFor      operations that want a second tool
     * @param list<ToolKind>      $carry          kinds that every kit carries
     */
    public function __construct(
        public bool $makeshiftCounts = false,
        public bool $trainedHands = false,
        public bool $openFlame = true,
        public array $fullCycleFor = self::FULL_CYCLE_FOR,
        public Stance $indentOnInsulated = Stance::Refuse,
        public Stance $hammerLugs = Stance::Refuse,
        public Stance $taps = Stance::Refuse,
        public Stance $tinning = Stance::Refuse,
        public Stance $solderSplices = Stance::Refuse,
        public array $insulationGrip = [],
        public bool $wetNeedsSleeve = true,
        public bool $pullTest = false,
        public PullStandard $pullStandard = PullStandard::ByClass,
        public bool $poweredFinalTorque = false,
        public RedBand $redBand = RedBand::Wide,
        public array $backupFor = [],
        public array $carry = [ToolKind::VoltageTester, ToolKind::EyeProtection],
    ) {}

    /** Weakest first, over the defaults: the shop's choice, then the scope's. In each the preset comes before its keys. */
    public static function inForce(?RuleChoice ...$choices): self
    {
        $rules = new self();
        foreach (array_filter($choices) as $choice) {
            $base = $choice->preset?->rules() ?? $rules;
            $rules = new self(...array_merge(get_object_vars($base), $choice->written()));
        }

        return $rules;
    }

    /** The name of a rule where it differs from the default, so that a verdict can say what changed it. */
    public function changed(string $rule): ?string
    {
        static $defaults = null;
        $defaults ??= get_object_vars(new self());

        return $defaults[$rule] === get_object_vars($this)[$rule] ? null : $rule;
    }

    /** The terminal's size as the house reads it: red is narrowed where the house says so. */
    public function sizeOf(Terminal $terminal): SizeRange
    {
        if ($this->redBand === RedBand::Wide || $terminal->nest !== self::RED) {
            return $terminal->size;
        }
        $narrow = SizeRange::parse(self::NARROW_RED);
        $spans = [];
        foreach ($terminal->size->spans() as $span) {
            $limit = $narrow->spanOf($span->family());
            $spans[] = $limit === null ? $span : $span->narrowedTo($limit);
        }

        return SizeRange::of($spans);
    }
}
