<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks what is short on a day for some work, each scope made so many times, and for some weeks of the usual use. */
final class SuppliesRequest extends FormRequest
{
    use ListsThings;
    use NamesDay;

    private const MOST_TIMES = 1000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['scopes' => ['string', self::IDS], 'times' => ['string', $this->areTimes(...)], 'weeks' => ['integer', 'min:0', 'max:52'], 'tools' => ['in:0,1'], 'on' => [self::isDay(...)]];
    }

    /** @return array<string, int> by scope */
    public function times(): array
    {
        $times = [];
        foreach ($this->has('times') ? explode(',', $this->string('times')->value()) : [] as $one) {
            [$scope, $count] = explode(':', $one);
            $times[$scope] = (int) $count;
        }

        return $times;
    }

    /** Whether tools that plans wait for are ordered with what is short; without a word they are. */
    public function withTools(): bool
    {
        return !$this->has('tools') || $this->boolean('tools');
    }

    private function areTimes(string $attribute, mixed $value, \Closure $fail): void
    {
        $seen = [];
        foreach (is_string($value) ? explode(',', $value) : [''] as $one) {
            $isAgain = isset($seen[strstr($one, ':', true)]);
            $seen[strstr($one, ':', true)] = true;
            if (preg_match('~^[A-Za-z0-9][A-Za-z0-9._-]{0,63}:([1-9]\d{0,3})$~D', $one, $of) !== 1 || (int) $of[1] > self::MOST_TIMES || $isAgain) {
                $fail($attribute . ' "' . $one . '": must say of scopes once each how many times it is made, 1 to ' . self::MOST_TIMES . ', as boards:12,cabin:3.');

                return;
            }
        }
    }
}
