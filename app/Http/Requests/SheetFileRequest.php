<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** Brings a table as a file: CSV, TSV, ODS or XLSX; what is pasted comes as a file too. */
final class SheetFileRequest extends FormRequest
{
    private const MOST_KILOBYTES = 10 * 1024;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['table' => ['required', 'file', 'max:' . self::MOST_KILOBYTES], 'sheet' => ['string', 'max:200']];
    }

    public function sheet(): ?string
    {
        return $this->has('sheet') ? $this->string('sheet')->value() : null;
    }

    public function path(): string
    {
        return $this->table()->getRealPath();
    }

    /** As it was called where it came from, to be told in refusals. */
    public function name(): string
    {
        $name = (string) preg_replace('~\p{C}~u', '', mb_scrub($this->table()->getClientOriginalName()));

        return $name === '' ? 'table' : mb_strimwidth($name, 0, 100, '…');
    }

    private function table(): UploadedFile
    {
        $file = $this->file('table');
        assert($file instanceof UploadedFile);

        return $file;
    }
}
