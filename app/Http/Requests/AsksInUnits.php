<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Wording\ForceUnit;
use Gondrik\Core\Wording\LengthUnit;
use Gondrik\Core\Wording\Units;
use Illuminate\Validation\Rule;

/** For requests that are answered in sentences. */
trait AsksInUnits
{
    /** @return array<string, list<mixed>> */
    private static function unitRules(): array
    {
        return ['length' => [Rule::enum(LengthUnit::class)], 'force' => [Rule::enum(ForceUnit::class)]];
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
