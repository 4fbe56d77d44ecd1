<?php

declare(strict_types=1);

namespace App\Workbook;

/** What was to be written is another by now than the one that was seen; nothing was written. */
final class StaleVersion extends \RuntimeException
{
    /** @param array<string, mixed> $present as it is now, with its version */
    public function __construct(public readonly array $present)
    {
        parent::__construct('It is another by now than the one that you have seen. Nothing was changed.');
    }
}
