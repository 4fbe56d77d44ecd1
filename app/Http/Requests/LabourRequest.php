<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Planning\AskedReport;
use Gondrik\Core\Labour\Measured;
use Gondrik\Core\Labour\Pace;
use Gondrik\Core\Labour\Rates;
use Gondrik\Core\Labour\Sharing;
use Illuminate\Foundation\Http\FormRequest;

/**
 * Asks how long one scope takes with one kit: by whose hands, by the table alone or by what the shop has measured, and, where somebody
 * weighs a tool, what an hour costs, what it costs and how long a piece takes with it; how many people do it in how many hours.
 */
final class LabourRequest extends FormRequest
{
    use NamesDay;
    use NamesHand;

    /** @return array<string, list<mixed>> money in cents */
    public function rules(): array
    {
        return [
            'kit' => ['required', 'string', self::ID],
            'scope' => ['required', 'string', self::ID],
            'on' => [self::isDay(...)],
            'hand' => ['string', self::ID],
            'pace' => ['in:' . implode(',', array_column(Pace::cases(), 'value'))],
            'by' => ['in:shop,table'],
            'tool' => ['string', self::ID],
            'wage' => ['integer', 'min:1', 'max:1000000'],
            'price' => ['integer', 'min:0', 'max:1000000000'],
            'each' => ['numeric', 'gt:0', 'max:86400'],
            'piece' => ['numeric', 'min:0', 'max:1000000'],
            'people' => ['integer', 'min:1', 'max:1000', 'required_with:hours'],
            'hours' => ['numeric', 'gt:0', 'max:1000', 'required_with:people'],
        ];
    }

    public function asked(): AskedReport
    {
        return new AskedReport($this->day(), $this->hand());
    }

    public function kit(): string
    {
        return $this->string('kit')->value();
    }

    public function scope(): string
    {
        return $this->string('scope')->value();
    }

    public function rates(Measured $measured): Rates
    {
        $pace = Pace::from($this->string('pace', Pace::Practised->value)->value());

        return $this->input('by') === 'table' ? Rates::ofTable($pace) : Rates::ofShop($pace, $measured, $this->hand());
    }

    public function sharing(): ?Sharing
    {
        return $this->has('people') ? new Sharing($this->integer('people'), $this->float('hours')) : null;
    }

    public function whole(string $key): ?int
    {
        return $this->has($key) ? $this->integer($key) : null;
    }

    public function number(string $key): ?float
    {
        return $this->has($key) ? $this->float($key) : null;
    }
}
