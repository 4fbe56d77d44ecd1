<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Gondrik\Core\Value\PlainText;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

final class ImportRequest extends FormRequest
{
    private const MOST_KILOBYTES = WorkbookCodec::LARGEST / 1024;

    private const LONGEST_NAME = 255;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['workbook' => ['required', 'file', 'max:' . self::MOST_KILOBYTES, self::hasAName(...)]];
    }

    /** @param \Closure(string): mixed $fail */
    private static function hasAName(string $attribute, mixed $file, \Closure $fail): void
    {
        $flaw = $file instanceof UploadedFile ? PlainText::flaw(mb_scrub($file->getClientOriginalName())) : null;
        if ($flaw !== null) {
            $fail('The name of the file ' . $flaw . '.');
        }
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
