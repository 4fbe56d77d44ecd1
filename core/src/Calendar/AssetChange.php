<?php

declare(strict_types=1);

namespace Gondrik\Core\Calendar;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\OnDay\Standing;

/** A thing counts otherwise for a kit than on the day before. */
final readonly class AssetChange
{
    public function __construct(public Asset $asset, public Standing $standing) {}
}
