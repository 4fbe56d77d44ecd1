<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Sheets\SheetFile;
use Illuminate\Foundation\Http\FormRequest;

/** Brings things of one list, each with the version that was seen of it. */
final class ThingsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['things' => ['required', 'array', 'list', 'max:' . SheetFile::MOST_ROWS, $this->areThings(...)]];
    }

    /** @return list<array{thing: \stdClass, version: string|null}> objects stay objects, so that the codec can tell an empty one from a list */
    public function things(): array
    {
        $body = json_decode($this->getContent());

        return array_map(static fn(\stdClass $one): array => ['thing' => $one->thing, 'version' => $one->version ?? null], array_values((array) ($body->things ?? [])));
    }

    private function areThings(string $attribute, mixed $things, \Closure $fail): void
    {
        $body = json_decode($this->getContent());
        foreach (is_array($body->things ?? null) ? $body->things : [null] as $one) {
            $isThing = $one instanceof \stdClass && ($one->thing ?? null) instanceof \stdClass && (!isset($one->version) || (is_string($one->version) && preg_match('~^[0-9a-f]{16}$~D', $one->version) === 1));
            if (!$isThing) {
                $fail('Each is an object with a thing as the workbook has it, and the version that was seen of it.');

                return;
            }
        }
    }
}
