<?php

declare(strict_types=1);

namespace Gondrik\Core\Catalogue;

use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;

/** A wire, terminal or tool of the built-in catalogue, and where its values come from. */
final readonly class BuiltInThing
{
    /** @param array<string, Source> $sources by path ("insulationOd", "capabilities/0/nests"); "" for all that has none of its own */
    public function __construct(public Wire|Terminal|Tool $thing, public array $sources) {}

    /** Of the value at a path of the thing: its own, or that of the nearest above it. */
    public function sourceOf(string $path): Source
    {
        while ($path !== '' && !isset($this->sources[$path])) {
            $path = str_contains($path, '/') ? substr($path, 0, (int) strrpos($path, '/')) : '';
        }

        return $this->sources[$path];
    }
}
