<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

/** One thing wrong with a workbook: where, what stands there, and what would be right. */
final readonly class Problem
{
    public mixed $value;

    public function __construct(
        /** "wires/0/size"; "" for the document itself */
        public string $path,
        mixed $value,
        public string $expected,
    ) {
        // A number beyond all bounds cannot be told as one.
        $this->value = is_float($value) && !is_finite($value) ? (string) $value : $value;
    }

    /** A key that must be there and is not: its words name it, for it stands nowhere. */
    public static function missing(string $path): self
    {
        return new self($path, null, basename($path) . ' is missing');
    }

    public function isMissing(): bool
    {
        return $this->expected === self::missing($this->path)->expected;
    }

    public function __toString(): string
    {
        $value = $this->value === null ? '' : ' ' . mb_strimwidth((string) json_encode($this->value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 0, 80, '…');

        // It goes to terminals, which must not obey what a file brings.
        return (string) preg_replace('~\p{Cc}~u', '�', ($this->path === '' ? 'workbook' : $this->path) . ':' . $value . ' – ' . $this->expected);
    }
}
