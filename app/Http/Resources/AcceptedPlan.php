<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Plan;
use App\Models\PlanItem;
use App\Writing\Belongings;
use App\Writing\Version;

/** A plan that was accepted, with what of it has arrived. */
final readonly class AcceptedPlan
{
    /** @return array<string, mixed> */
    public static function of(Plan $plan): array
    {
        return [
            'version' => Version::of(Belongings::plan($plan)),
            'id' => $plan->id,
            'kit' => $plan->kit->code,
            'kitName' => $plan->kit->name,
            'scopes' => $plan->scopes,
            'acceptedAt' => $plan->created_at->toIso8601String(),
            'acceptedBy' => $plan->acceptedBy?->name,
            'cost' => $plan->cost,
            'terminations' => $plan->terminations,
            'coveredBefore' => $plan->covered_before,
            'coveredAfter' => $plan->covered_after,
            'items' => array_values($plan->items->map(static fn(PlanItem $item): array => [
                'id' => $item->id,
                'tool' => $item->tool,
                'name' => $item->name,
                'wanted' => $item->wanted,
                'means' => $item->means,
                'from' => $item->from_kit,
                'cost' => $item->cost,
                'arrivedAt' => $item->arrived_at?->toIso8601String(),
            ])->all()),
        ];
    }
}
