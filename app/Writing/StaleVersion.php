<?php

declare(strict_types=1);

namespace App\Writing;

/** What was to be written is another by now than the one that was seen; nothing was written. */
final class StaleVersion extends \RuntimeException
{
    /**
     * @param array<string, mixed>                    $present as it is now, with its version
     * @param array{by: string|null, at: string}|null $changed who changed it last, and when
     */
    public function __construct(public readonly array $present, public readonly ?array $changed = null)
    {
        parent::__construct('It is another by now than the one that you have seen. Nothing was changed.');
    }
}
