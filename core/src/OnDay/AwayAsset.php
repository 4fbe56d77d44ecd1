<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Asset;

/** A thing that lives in a kit and does not count there on a day. */
final readonly class AwayAsset
{
    public function __construct(public Asset $asset, public Standing $standing) {}
}
