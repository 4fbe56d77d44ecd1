<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Planning\ShopPlan;
use Gondrik\Core\Planning\Means;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Illuminate\Foundation\Http\FormRequest;

/** Asks what to do about a kit; lists have a comma between. */
final class PlanRequest extends FormRequest
{
    use AsksInUnits;
    use ListsThings;
    use NamesKit;

    private const MOST_SCOPES = 20;

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
            'with' => ['string', self::IDS],
            'without' => ['string', self::IDS],
            'means' => ['string', 'regex:/^(buy|move|borrow|per-piece)(,(buy|move|borrow|per-piece))*$/D'],
            'months' => ['integer', 'min:1', 'max:120'],
            ...self::unitRules(),
        ];
    }

    /** @throws InvalidWorkbook with every place that is wrong in this shop, or that contradicts another */
    public function question(Workbook $shop): PlanQuestion
    {
        return (new ShopPlan($shop))->question(
            $this->kit(),
            $this->ids('scopes'),
            $this->ids('with'),
            $this->ids('without'),
            $this->means(),
            $this->integer('months', 1),
            $this->amount('budget'),
            $this->amount('mass'),
            $this->boolean('makeshift'),
        );
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
