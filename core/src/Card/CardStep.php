<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Coverage\StepCover;
use Gondrik\Core\Match\Wanted;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Verdict\Fit;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\ReasonCode;

/** One step of the card: a step of the report with what to set, or an instruction that takes no tool. */
final readonly class CardStep
{
    /** Remarks that ask hands to look before they go on, however well it fits. */
    private const LOOK = [ReasonCode::SizeTradeEquivalent, ReasonCode::NestOutsidePrint];

    /** @param list<Instruction> $says */
    public function __construct(
        public CardOp $op,
        /** The end it is done to; null for a screw, and for what is done once for all. */
        public ?End $end,
        /** As the report has it; null for an instruction. */
        public ?StepCover $cover,
        public Settings $settings,
        public array $says,
        /** What would do it, where nothing in the kit does. */
        public ?Wanted $wanted = null,
    ) {}

    public function status(): ?Status
    {
        return $this->cover?->status;
    }

    /** @return list<Reason> whether a second person must be there, why it is only makeshift, and what has to be looked at */
    public function remarks(): array
    {
        $ofTool = array_filter($this->cover->chosen->reasons ?? [], static fn(Reason $reason): bool => $reason->fit === Fit::Makeshift || in_array($reason->code, self::LOOK, true));

        return [...array_filter([$this->cover?->supervised]), ...array_values($ofTool)];
    }
}
