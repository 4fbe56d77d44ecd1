<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\DueKind;
use Gondrik\Core\Tool\HandSkill;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\SkillGroup;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Verdict\HouseRule;

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

    public const CARRY = [ToolKind::TwoPoleTester, ToolKind::EyeProtection];

    public const DUES_THAT_COUNT = [DueKind::Calibration, DueKind::Verification];

    /** Nest code of the terminals that the red band rule is about. */
    private const RED = 'red';

    private const NARROW_RED = '22-18 AWG / 0.5-1 mm2';

    /** @var array<string, true> rules that are not the default, by key */
    private array $changed;

    /**
     * @param list<TerminalClass> $fullCycleFor   classes whose crimp must complete its stroke
     * @param list<TerminalClass> $insulationGrip classes whose crimp must grip the insulation too
     * @param list<Operation>     $backupFor      operations that want a second tool
     * @param list<ToolKind>      $carry          kinds that every kit carries
     * @param list<DueKind>       $duesThatCount  kinds of due without which a thing does not count
     * @param list<FindingRule>   $findings       what follows here from what hands find, where it is not the usual
     * @param list<SkillGroup>    $signOffFor     what nobody does alone who is not signed off for it
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
        public PullTesting $pullTest = PullTesting::Tug,
        public bool $listedWire = false,
        public Insulations $insulations = new Insulations(null),
        public Stance $solderOnCrimp = Stance::Refuse,
        public PullStandard $pullStandard = PullStandard::ByClass,
        public bool $poweredFinalTorque = false,
        public bool $torqueEvery = false,
        public StrandLimit $strandDamage = StrandLimit::General,
        public RedBand $redBand = RedBand::Wide,
        public array $backupFor = [],
        public array $carry = self::CARRY,
        public array $duesThatCount = self::DUES_THAT_COUNT,
        public array $findings = [],
        public SamplePlan $samplePlan = SamplePlan::FirstMiddleLast,
        /** Tries of a skill before somebody may ask to be signed off. */
        public int $practicePieces = 20,
        public array $signOffFor = [],
        /** Pieces that are spoilt, as a share of those that are made. */
        public float $scrap = 0.02,
    ) {
        $changed = [];
        foreach ((new \ReflectionMethod($this, '__construct'))->getParameters() as $parameter) {
            $name = $parameter->getName();
            if (serialize($this->{$name}) !== serialize($parameter->getDefaultValue())) {
                $changed[$name] = true;
            }
        }
        $this->changed = $changed;
    }

    /** Weakest first, over the defaults: the shop's choice, then the scope's. In each the preset comes before its keys. */
    public static function inForce(?RuleChoice ...$choices): self
    {
        $rules = new self();
        foreach (array_filter($choices) as $choice) {
            $rules = new self(...array_merge(($choice->preset?->rules() ?? $rules)->keys(), $choice->written()));
        }

        return $rules;
    }

    /**
     * The same where a thing counts only with these dues in order.
     *
     * @param list<DueKind> $dues
     */
    public function withDuesThatCount(array $dues): self
    {
        return new self(...array_merge($this->keys(), ['duesThatCount' => $dues]));
    }

    /** @return array<string, mixed> every rule by its key */
    public function keys(): array
    {
        return array_diff_key(get_object_vars($this), ['changed' => null]);
    }

    /** The rule itself where it differs from the default, so that a verdict can say what changed it. */
    public function changed(HouseRule $rule): ?HouseRule
    {
        return isset($this->changed[$rule->value]) ? $rule : null;
    }

    /** Whether a step wants somebody who is signed off for it, or a second person beside. */
    public function wantsSignOff(Operation $operation, ?HandSkill $skill): bool
    {
        foreach ($this->signOffFor as $group) {
            if ($group->has($operation, $skill)) {
                return true;
            }
        }

        return false;
    }

    /** The terminal's size as the house reads it: red is narrowed where the house says so, and never widened. */
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
        $left = array_filter($spans);

        // A terminal that is coded red and has nothing of the band says more of its code than of its size.
        return $left === [] ? $terminal->size : SizeRange::of($left);
    }

    /**
     * The kinds that a kit carries here.
     *
     * @param list<ToolKind> $more that the scope adds
     *
     * @return list<ToolKind> each once
     */
    public function carried(array $more): array
    {
        $puller = $this->pullTest === PullTesting::Sample ? [ToolKind::Puller] : [];

        return array_values(array_unique([...$this->carry, ...$puller, ...$more], SORT_REGULAR));
    }
}
