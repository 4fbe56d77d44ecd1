<?php

declare(strict_types=1);

namespace App\Models;

/** A terminal. */
final class Terminal extends ListRow {}
