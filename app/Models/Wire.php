<?php

declare(strict_types=1);

namespace App\Models;

/** A wire or cable. */
final class Wire extends ListRow {}
