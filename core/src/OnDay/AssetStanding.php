<?php

declare(strict_types=1);

namespace Gondrik\Core\OnDay;

use Gondrik\Core\Asset\Asset;

/** A thing, and how it stands in a kit on a day. */
final readonly class AssetStanding
{
    public function __construct(public Asset $asset, public Standing $standing) {}
}
