<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ShopSettings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Says what the shop is called and how it tells things to who has chosen nothing else. */
final class SettingsRequest extends FormRequest
{
    use TakesNames;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => self::nameRules(), ...array_map(static fn(array $choices): array => ['required', 'string', Rule::in($choices)], ShopSettings::CHOICES)];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_combine(
            array_map(static fn(string $of): string => $of . '.*', array_keys(ShopSettings::CHOICES)),
            array_map(static fn(array $choices): string => 'must be one of: ' . implode(', ', $choices), ShopSettings::CHOICES),
        );
    }

    /** @return array<string, string> */
    public function settings(): array
    {
        $settings = ['name' => $this->name()];
        foreach (array_keys(ShopSettings::CHOICES) as $of) {
            $settings[$of] = $this->string($of)->value();
        }

        return $settings;
    }
}
