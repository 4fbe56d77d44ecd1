<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ShopSettings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Says what the shop is called, or how it tells things to who has chosen nothing else; what is not said stays. */
final class SettingsRequest extends FormRequest
{
    use TakesNames;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required_without_all:' . implode(',', array_keys(ShopSettings::CHOICES)), 'filled', ...array_slice(self::nameRules(), 1)],
            ...array_map(static fn(array $choices): array => ['filled', 'string', Rule::in($choices)], ShopSettings::CHOICES),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_combine(
            array_map(static fn(string $of): string => $of . '.*', array_keys(ShopSettings::CHOICES)),
            array_map(static fn(array $choices): string => 'must be one of: ' . implode(', ', $choices), ShopSettings::CHOICES),
        );
    }

    /** @return array<string, string> those that were said */
    public function settings(): array
    {
        $settings = $this->has('name') ? ['name' => $this->name()] : [];
        foreach (array_filter(array_keys(ShopSettings::CHOICES), $this->has(...)) as $of) {
            $settings[$of] = $this->string($of)->value();
        }

        return $settings;
    }
}
