<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Lines\LineEdit;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Foundation\Http\FormRequest;

/** Asks for several lines of a scope to be written at once. */
final class LineEditsRequest extends FormRequest
{
    private const MOST = 20_000;

    /** @return array<string, list<mixed>> what is in it is told by the codec, with the paths of an import */
    public function rules(): array
    {
        return [];
    }

    /**
     * @return list<LineEdit>
     *
     * @throws InvalidWorkbook
     */
    public function edits(): array
    {
        $changes = $this->body()->changes ?? [];
        if (!is_array($changes) || count($changes) > self::MOST) {
            throw new InvalidWorkbook([new Problem('changes', null, 'a list of at most ' . self::MOST . ' changes')]);
        }
        $edits = [];
        $seen = [];
        foreach (array_values($changes) as $index => $change) {
            $edit = LineEdit::read($change, 'changes/' . $index);
            if ($edit->id !== null && isset($seen[$edit->id])) {
                throw new InvalidWorkbook([new Problem('changes/' . $index . '/id', $edit->id, 'each line once')]);
            }
            $seen[$edit->id ?? ''] = true;
            $edits[] = $edit;
        }
        if ($edits === [] && $this->order() === null) {
            throw new InvalidWorkbook([new Problem('changes', null, 'at least one change, or an order')]);
        }

        return $edits;
    }

    /**
     * @return list<string>|null
     *
     * @throws InvalidWorkbook
     */
    public function order(): ?array
    {
        $order = $this->body()->order ?? null;
        if ($order === null) {
            return null;
        }
        if (!is_array($order) || array_filter($order, static fn(mixed $id): bool => !is_string($id)) !== [] || count(array_unique($order)) !== count($order)) {
            throw new InvalidWorkbook([new Problem('order', null, 'a list of ids of lines, each once')]);
        }

        return array_values($order);
    }

    private function body(): \stdClass
    {
        $body = json_decode($this->getContent());

        return $body instanceof \stdClass ? $body : throw new InvalidWorkbook([new Problem('', null, 'must be a JSON object with changes')]);
    }
}
