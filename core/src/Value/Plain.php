<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** A value that stands in a document as something plain of its own, text most often, and is written back as it was read. */
interface Plain
{
    /**
     * @param mixed $plain as it stands in the document
     *
     * @throws Invalid for anything else, with what would be right
     */
    public static function read(mixed $plain): static;

    /** As it was read. */
    public function plain(): mixed;
}
