<?php

declare(strict_types=1);

namespace Gondrik\Core\Match\Extract;

use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Size\Size;

/** A contact to be got out of its housing. */
final readonly class ExtractWork extends Work
{
    public function __construct(
        Conditions $conditions,
        public Size $wire,
        public string $code,
    ) {
        parent::__construct($conditions);
    }

    public function size(): Size
    {
        return $this->wire;
    }

    protected function values(): array
    {
        return [$this->wire->written, $this->code];
    }
}
