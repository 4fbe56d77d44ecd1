<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\RulesCodec;

/** For requests that ask as if the house judged otherwise: rules as one JSON object. */
trait SupposesRules
{
    /** Characters: every rule answered, and room to spare. */
    private const RULES = ['string', 'max:8000'];

    /**
     * @return RuleChoice|null null where none is asked
     *
     * @throws InvalidWorkbook with every rule that there is not and every answer that is none
     */
    public function ruleChoice(): ?RuleChoice
    {
        if (!$this->has('rules')) {
            return null;
        }
        try {
            return (new RulesCodec())->read($this->saidRules());
        } catch (InvalidWorkbook $refused) {
            throw $refused->seenFrom(static fn(string $path): string => str_starts_with($path, 'rules') ? $path : 'rules/' . $path);
        }
    }

    /** @throws InvalidWorkbook where it is no JSON object */
    public function saidRules(): \stdClass
    {
        $said = json_decode($this->string('rules')->value());

        return $said instanceof \stdClass ? $said : throw new InvalidWorkbook([new Problem('rules', null, 'must be house rules as a JSON object')]);
    }
}
