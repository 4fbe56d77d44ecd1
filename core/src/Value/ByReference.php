<?php

declare(strict_types=1);

namespace Gondrik\Core\Value;

/** The workbook writes the id of the thing here, not the thing. */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final readonly class ByReference {}
