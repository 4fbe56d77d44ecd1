<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Shop;
use App\Writing\ChangedMeanwhile;
use Gondrik\Core\Output\PlanWriter;
use Gondrik\Core\Planning\Addition;
use Gondrik\Core\Planning\BuyingRow;
use Gondrik\Core\Planning\Means;
use Gondrik\Core\Planning\Plan;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;

/**
 * A plan as somebody was shown it, with which version of which shop it was made of. It goes out sealed and comes back when it is
 * accepted: so what is accepted is what was seen, and not what another second of planning would have made of it.
 */
final readonly class SeenPlan
{
    /** @param \stdClass $plan as the history keeps an accepted one, but for who and when */
    private function __construct(private int $shop, private int $version, private \stdClass $plan) {}

    /**
     * What only counts again is no part of it: it is written down at the thing when it is done.
     *
     * @param Shop $shop as it was read for the plan
     *
     * @return self|null null where there is nothing to come by
     */
    public static function of(Shop $shop, PlanQuestion $question, Plan $plan): ?self
    {
        $isToCome = array_filter($plan->add, static fn(Addition $one): bool => !$one->way->means->isMending()) !== [];

        return !$isToCome && $plan->paid === [] ? null : new self($shop->id, $shop->version, self::written($question, $plan));
    }

    public function seal(): string
    {
        return Crypt::encryptString(json_encode(get_object_vars($this), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    /**
     * @param Shop $shop under its lock
     *
     * @return \stdClass as the history keeps an accepted one, but for who and when
     *
     * @throws InvalidWorkbook  when it is no plan that this shop was shown
     * @throws ChangedMeanwhile when the shop has changed since
     */
    public static function opened(Shop $shop, string $seal): \stdClass
    {
        try {
            $seen = json_decode(Crypt::decryptString($seal), flags: JSON_THROW_ON_ERROR);
        } catch (DecryptException|\JsonException) {
            $seen = null;
        }
        if (!$seen instanceof \stdClass || ($seen->shop ?? null) !== $shop->id || !($seen->plan ?? null) instanceof \stdClass) {
            throw new InvalidWorkbook([new Problem('seen', null, 'what came with a plan of this shop, as it came')]);
        }
        if ($seen->version !== $shop->version) {
            throw new ChangedMeanwhile('Something in the shop has changed since this plan was made. Look at the plan as it is now, then accept that.');
        }

        return $seen->plan;
    }

    private static function written(PlanQuestion $question, Plan $plan): \stdClass
    {
        return (object) [
            'kit' => $question->kit->of->id,
            'scopes' => array_map(static fn(PlannedScope $of): string => $of->scope->id, $question->scopes),
            'cost' => $plan->cost - $plan->costOfMending(),
            'terminations' => $plan->terminations,
            'coveredBefore' => $plan->coveredBefore,
            'coveredAfter' => $plan->coveredAfter,
            'items' => self::items($question, $plan),
        ];
    }

    /** @return list<array<string, mixed>> what is paid by the piece comes to once for each tool */
    private static function items(PlanQuestion $question, Plan $plan): array
    {
        $wanted = array_column(array_slice((new PlanWriter())->buyingList(BuyingRow::of($plan, $question), $question), 1), 1);
        $items = [];
        foreach ($plan->add as $at => $addition) {
            $way = $addition->way;
            if ($way->means->isMending()) {
                continue;
            }
            $items[] = ['tool' => $way->tool->id, 'name' => $way->tool->name, 'wanted' => $wanted[$at], 'means' => $way->means->value, 'from' => $way->from, 'cost' => $way->cost];
        }
        $paid = [];
        foreach ($plan->paid as $step) {
            $tool = $step->way->tool;
            $paid[$tool->id] = ['tool' => $tool->id, 'name' => $tool->name, 'wanted' => '', 'means' => Means::PerPiece->value, 'from' => null, 'cost' => ($paid[$tool->id]['cost'] ?? 0) + $step->cost()];
        }

        return [...$items, ...array_values($paid)];
    }
}
