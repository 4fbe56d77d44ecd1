<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** A group of keys that belong together here and stand in the object itself in a document, not in one of their own. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class Inline {}
