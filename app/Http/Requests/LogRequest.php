<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Foundation\Http\FormRequest;

/** Asks for entries of the log to be written, all of them or none. */
final class LogRequest extends FormRequest
{
    private const MOST = 500;

    /** @return array<string, list<mixed>> what is in it is told by the codec */
    public function rules(): array
    {
        return [];
    }

    /**
     * @return non-empty-list<\stdClass>
     *
     * @throws InvalidWorkbook
     */
    public function entries(): array
    {
        $body = json_decode($this->getContent());
        $entries = $body instanceof \stdClass ? $body->entries ?? null : null;
        if (!is_array($entries) || $entries === [] || count($entries) > self::MOST) {
            throw new InvalidWorkbook([new Problem('entries', null, 'must be a list of 1 to ' . self::MOST . ' entries, as the workbook has them')]);
        }
        foreach (array_values($entries) as $index => $entry) {
            if (!$entry instanceof \stdClass) {
                throw new InvalidWorkbook([new Problem('entries/' . $index, is_scalar($entry) ? $entry : null, 'must be an entry as the workbook has it, as a JSON object')]);
            }
        }

        return array_values($entries);
    }
}
