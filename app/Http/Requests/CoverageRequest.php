<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Planning\AskedReport;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Foundation\Http\FormRequest;

/** Asks for one kit against one scope; as they are, or as somebody supposes them: tools more or less, other house rules, other terminals. */
final class CoverageRequest extends FormRequest
{
    use AsksInUnits;
    use ListsThings;
    use NamesDay;
    use NamesHand;
    use NamesKit;
    use SupposesRules;
    use SwapsTerminals;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kit' => ['string', self::ID], 'scope' => ['required', 'string', self::ID], 'with' => ['string', self::IDS], 'without' => ['string', self::IDS], 'rules' => self::RULES, 'swap' => ['string', self::SWAP], 'on' => [self::isDay(...)], 'hand' => ['string', self::ID], ...self::unitRules()];
    }

    public function asked(): AskedReport
    {
        return new AskedReport($this->day(), $this->hand(), $this->ids('with'), $this->ids('without'), $this->ruleChoice(), $this->exchange());
    }

    /** @throws InvalidWorkbook without a kit in hand: nothing is judged then */
    public function kitInHand(): string
    {
        return $this->kit() ?? throw new InvalidWorkbook([new Problem('kit', null, 'must name a kit')]);
    }

    public function scope(): string
    {
        return $this->string('scope')->value();
    }
}
