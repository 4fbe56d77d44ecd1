<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Planning\AskedReport;
use Illuminate\Foundation\Http\FormRequest;

/** Asks for two kits against one scope, on paper or on a day, in somebody's hands or nobody's in particular. */
final class BesideRequest extends FormRequest
{
    use AsksInUnits;
    use NamesDay;
    use NamesHand;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kit' => ['required', 'string', self::ID], 'other' => ['required', 'string', self::ID], 'scope' => ['required', 'string', self::ID], 'on' => [self::isDay(...)], 'hand' => ['string', self::ID], ...self::unitRules()];
    }

    public function asked(): AskedReport
    {
        return new AskedReport($this->day(), $this->hand());
    }

    /** @return array{string, string} the one and the other */
    public function kits(): array
    {
        return [$this->string('kit')->value(), $this->string('other')->value()];
    }

    public function scope(): string
    {
        return $this->string('scope')->value();
    }
}
