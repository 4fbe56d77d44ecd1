<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Condition;
use Gondrik\Core\Log\Out;
use Gondrik\Core\Tool\DueKind;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Value\Day;

/** A thing on a day, as its history up to that day has it. */
final readonly class AssetOnDay
{
    /** @param array<string, DueState> $dues by kind */
    public function __construct(
        public Asset $asset,
        public bool $isBought,
        /** Where it lives; null for the shelf. */
        public ?Kit $home,
        /** The first day on which it lives elsewhere than before, where it was moved. */
        public ?Day $movedOn,
        /** That it was given out and has not come back. */
        public ?Out $out,
        public Condition $condition,
        /** The first day of that; null for how it came. */
        public ?Day $conditionSince,
        /** What its counter said last. */
        public int $cycles,
        public array $dues,
        /** The first day on which a pull was under what it must hold, and nobody has cleared it since. */
        public ?Day $pullUnder,
        /** The first day on which a chart of its pulls says something, and nobody has cleared it since; null where it is not good anyhow. */
        public ?Day $driftsSince = null,
    ) {}

    /** The kit that it is in: while it is out to one, that one; while out to anything else, none. */
    public function kit(): ?Kit
    {
        return match (true) {
            !$this->isBought => null,
            $this->out !== null => $this->out->to->kit,
            default => $this->home,
        };
    }

    /**
     * Whether it counts in a kit.
     *
     * @param list<DueKind> $counting kinds of due without which it does not
     */
    public function standing(string $kit, array $counting): Standing
    {
        if (!$this->isBought) {
            return new Standing(false, AwayCode::NotYet, until: $this->asset->bought?->plus(-1));
        }
        return $this->kit()?->id === $kit ? $this->standingAnywhere($counting) : $this->away();
    }

    /**
     * The same of a thing that is there, wherever that is.
     *
     * @param list<DueKind> $counting kinds of due without which it does not
     */
    public function standingAnywhere(array $counting): Standing
    {
        if ($this->condition === Condition::Retired) {
            return new Standing(false, AwayCode::Retired, $this->conditionSince);
        }
        if ($this->pullUnder !== null) {
            return new Standing(false, AwayCode::PullUnder, $this->pullUnder);
        }
        foreach ([AwayCode::DueFailed, AwayCode::DueNever, AwayCode::DuePast] as $code) {
            $of = array_values(array_filter($this->dues, static fn(DueState $state): bool => $state->code === $code && in_array($state->due->kind, $counting, true)));
            usort($of, static fn(DueState $one, DueState $other): int => ($one->since->number ?? 0) <=> ($other->since->number ?? 0));
            if ($of !== []) {
                return new Standing(false, $code, $of[0]->since, due: $of[0]->due->kind);
            }
        }

        return $this->condition === Condition::Seldom ? new Standing(true, AwayCode::Seldom, $this->conditionSince) : new Standing(true);
    }

    /**
     * What would make it count in the kit that it belongs to. Null where it counts, where no day's work helps (retired, held back by
     * a pull, a due that it failed), where another kit has it, and of one for the seldom drawer, which nobody renews.
     *
     * @param list<DueKind> $counting kinds of due without which it does not
     */
    public function mending(array $counting): ?Mending
    {
        $lent = $this->out !== null;
        if (!$this->isBought || $this->home === null || $this->out?->to->kit !== null || $this->condition === Condition::Seldom) {
            return null;
        }
        $standing = $this->standingAnywhere($counting);
        $dues = array_values(array_filter($this->dues, static fn(DueState $state): bool => in_array($state->due->kind, $counting, true) && in_array($state->code, [AwayCode::DueNever, AwayCode::DuePast], true)));
        $isHeldBack = !$standing->counts && !in_array($standing->code, [AwayCode::DueNever, AwayCode::DuePast], true);

        return $isHeldBack || (!$lent && $dues === []) ? null : new Mending($this->asset, $lent, $dues);
    }

    private function away(): Standing
    {
        return new Standing(false, AwayCode::Away, $this->out->on ?? $this->movedOn, $this->out?->due, borrower: $this->out?->to->name());
    }
}
