<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

use Gondrik\Core\Value\Invalid;

/** Text that is no wire size, or that could be two: the message is then a question. */
final class InvalidSize extends Invalid
{
    public static function because(string $text, string $question): self
    {
        return new self('', $text, $question);
    }
}
