<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Wording\ForceUnit;
use Gondrik\Core\Wording\LengthUnit;
use Gondrik\Core\Wording\Units;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Asks for one kit against one scope. */
final class CoverageRequest extends FormRequest
{
    /** An id as the workbook writes it: what is none, is none of the shop's, and never reaches the database. */
    public const ID = 'regex:/^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$/D';

    public const ID_SENTENCE = 'The :attribute must be an id: letters, digits, dots, hyphens and underscores, 64 at most.';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kit' => ['required', 'string', self::ID],
            'scope' => ['required', 'string', self::ID],
            'length' => [Rule::enum(LengthUnit::class)],
            'force' => [Rule::enum(ForceUnit::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['regex' => self::ID_SENTENCE];
    }

    public function kit(): string
    {
        return $this->string('kit')->value();
    }

    public function scope(): string
    {
        return $this->string('scope')->value();
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
