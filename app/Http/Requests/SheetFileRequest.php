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
        $file = $this->file('table');
        assert($file instanceof UploadedFile);

        return $file->getRealPath();
    }
}
