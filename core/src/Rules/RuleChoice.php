<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

use Gondrik\Core\Terminal\TerminalClass;
use Gondrik\Core\Tool\DueKind;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\SkillGroup;
use Gondrik\Core\Tool\ToolKind;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** What a shop or a scope writes down of its house rules: a preset, and keys that differ from it. */
final readonly class RuleChoice
{
    /**
     * @param list<TerminalClass>|null $fullCycleFor
     * @param list<TerminalClass>|null $insulationGrip
     * @param list<Operation>|null     $backupFor
     * @param list<ToolKind>|null      $carry
     * @param list<DueKind>|null       $duesThatCount
     * @param list<FindingRule>|null   $findings
     * @param list<SkillGroup>|null    $signOffFor
     *
     * @throws Invalid when a finding stands twice
     */
    public function __construct(
        public ?Preset $preset = null,
        public ?bool $makeshiftCounts = null,
        public ?bool $trainedHands = null,
        public ?bool $openFlame = null,
        #[ListOf(TerminalClass::class)]
        public ?array $fullCycleFor = null,
        public ?Stance $indentOnInsulated = null,
        public ?Stance $hammerLugs = null,
        public ?Stance $taps = null,
        public ?Stance $tinning = null,
        public ?Stance $solderSplices = null,
        #[ListOf(TerminalClass::class)]
        public ?array $insulationGrip = null,
        public ?bool $wetNeedsSleeve = null,
        public ?PullTesting $pullTest = null,
        public ?bool $listedWire = null,
        public ?Insulations $insulations = null,
        public ?Stance $solderOnCrimp = null,
        public ?PullStandard $pullStandard = null,
        public ?bool $poweredFinalTorque = null,
        public ?bool $torqueEvery = null,
        public ?StrandLimit $strandDamage = null,
        public ?RedBand $redBand = null,
        #[ListOf(Operation::class)]
        public ?array $backupFor = null,
        #[ListOf(ToolKind::class)]
        public ?array $carry = null,
        #[ListOf(DueKind::class)]
        public ?array $duesThatCount = null,
        #[ListOf(FindingRule::class)]
        public ?array $findings = null,
        public ?SamplePlan $samplePlan = null,
        public ?int $practicePieces = null,
        #[ListOf(SkillGroup::class)]
        public ?array $signOffFor = null,
        public ?float $scrap = null,
    ) {
        $seen = [];
        foreach ($findings ?? [] as $index => $rule) {
            if (isset($seen[$rule->finding->value])) {
                throw Invalid::at('findings/' . $index . '/finding', $rule->finding->value, 'each finding once');
            }
            $seen[$rule->finding->value] = true;
        }
    }

    /** @return array<string, mixed> the keys that were written, by name, without the preset */
    public function written(): array
    {
        return array_filter(array_diff_key(get_object_vars($this), ['preset' => null]), static fn(mixed $value): bool => $value !== null);
    }
}
