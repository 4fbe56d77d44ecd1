<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Wording\ForceUnit;
use Gondrik\Core\Wording\LengthUnit;
use Gondrik\Core\Wording\Units;
use Illuminate\Validation\Rule;

/** For requests that are answered in sentences, about things of the shop by their ids. */
trait AsksInUnits
{
    /** An id as the workbook writes it: what is none, is none of the shop's, and never reaches the database. */
    private const ID = 'regex:/^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$/D';

    /** @return array<string, list<mixed>> */
    private static function unitRules(): array
    {
        return ['length' => [Rule::enum(LengthUnit::class)], 'force' => [Rule::enum(ForceUnit::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['regex' => 'The :attribute must be an id: letters, digits, dots, hyphens and underscores, 64 at most.'];
    }

    /** In which sentences speak. */
    public function units(): Units
    {
        return new Units(
            $this->enum('length', LengthUnit::class) ?? LengthUnit::Millimetre,
            $this->enum('force', ForceUnit::class) ?? ForceUnit::Newton,
        );
    }
}
