<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class ImportRequest extends FormRequest
{
    private const MOST_KILOBYTES = 10_240;

    private const LONGEST_NAME = 255;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['workbook' => ['required', 'file', 'max:' . self::MOST_KILOBYTES]];
    }

    public function content(): string
    {
        return (string) $this->upload()->getContent();
    }

    /** As the person's machine calls it, as far as that is text. */
    public function fileName(): string
    {
        return mb_substr(mb_scrub($this->upload()->getClientOriginalName()), 0, self::LONGEST_NAME);
    }

    private function upload(): UploadedFile
    {
        $file = $this->file('workbook');
        assert($file instanceof UploadedFile);

        return $file;
    }
}
