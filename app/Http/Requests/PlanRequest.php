<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shop;
use App\Planning\AskedPlan;
use App\Planning\ShopPlan;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Planning\Means;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\Terms;
use Gondrik\Core\Tool\Hand;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Illuminate\Foundation\Http\FormRequest;

/** Asks what to do about a kit; lists have a comma between. */
final class PlanRequest extends FormRequest
{
    use AsksInUnits;
    use ListsThings;
    use NamesDay;
    use NamesKit;
    use SupposesRules;
    use SwapsTerminals;

    private const MOST_SCOPES = 20;

    private const STRONGEST = 10_000;

    private const MEANS = 'buy|move|borrow|renew|call-back|per-piece';

    private const LARGEST = 1_000_000_000_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $amount = ['integer', 'min:0', 'max:' . self::LARGEST];

        return [
            'kit' => ['string', self::ID],
            'scopes' => ['required', 'string', self::IDS, self::atMost(self::MOST_SCOPES)],
            'budget' => $amount,
            'mass' => $amount,
            'makeshift' => ['boolean'],
            'steps' => ['boolean'],
            'with' => ['string', self::IDS],
            'without' => ['string', self::IDS],
            'means' => ['string', 'regex:/^(' . self::MEANS . ')(,(' . self::MEANS . '))*$/D'],
            'on' => [self::isDay(...)],
            'months' => ['integer', 'min:1', 'max:120'],
            'oneHanded' => ['boolean'],
            'noMains' => ['boolean'],
            'grip' => ['numeric', 'min:1', 'max:' . self::STRONGEST],
            'span' => ['numeric', 'min:1', 'max:' . self::STRONGEST],
            'backups' => ['string', self::IDS, self::operations()],
            'swap' => ['string', self::SWAP],
            'rules' => self::RULES,
            ...self::unitRules(),
        ];
    }

    /** A plan is accepted for a kit that there is, and for the work and the house rules as they stand. */
    public function canBeAccepted(): bool
    {
        return $this->kit() !== null && $this->exchange()->terminals === [] && !$this->has('rules');
    }

    /**
     * What of the shop it is about.
     *
     * @param bool $isOfTerminals whether others than those of the work are asked for
     */
    public function workbook(ShopWorkbook $workbooks, Shop $shop, bool $isOfTerminals = false): Workbook
    {
        return $workbooks->forPlan($shop, $this->kit(), $this->ids('scopes'), $isOfTerminals ? null : array_values($this->exchange()->terminals), in_array(Means::Move, $this->means(), true), $this->has('on'));
    }

    /** @throws InvalidWorkbook with every place that is wrong in this shop, or that contradicts another */
    public function question(Workbook $shop): PlanQuestion
    {
        return (new ShopPlan($shop, $this->ruleChoice()))->question($this->asked());
    }

    public function asked(): AskedPlan
    {
        return new AskedPlan(
            $this->kit(),
            $this->ids('scopes'),
            $this->ids('with'),
            $this->ids('without'),
            $this->means(),
            $this->integer('months', 1),
            $this->amount('budget'),
            $this->amount('mass'),
            $this->boolean('makeshift'),
            new Terms($this->boolean('oneHanded'), $this->boolean('noMains'), $this->hand()),
            array_map(Operation::from(...), $this->ids('backups')),
            $this->exchange(),
            $this->boolean('steps'),
            $this->day(),
        );
    }

    private function hand(): ?Hand
    {
        $grip = $this->has('grip') ? $this->float('grip') : null;
        $span = $this->has('span') ? $this->float('span') : null;

        return $grip === null && $span === null ? null : new Hand($grip, $span);
    }

    private static function operations(): \Closure
    {
        return static function (string $key, mixed $value, \Closure $fail): void {
            foreach (is_string($value) ? explode(',', $value) : [] as $operation) {
                if (Operation::tryFrom($operation) === null) {
                    $fail('"' . $operation . '" is no operation: ' . implode(', ', array_column(Operation::cases(), 'value')) . '.');
                }
            }
        };
    }

    /** @return list<Means> that may be used to come to a tool */
    private function means(): array
    {
        return $this->has('means') ? array_map(Means::from(...), array_values(array_unique($this->ids('means')))) : [Means::Buy];
    }

    private function amount(string $key): ?int
    {
        return $this->has($key) ? $this->integer($key) : null;
    }
}
