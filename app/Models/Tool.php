<?php

declare(strict_types=1);

namespace App\Models;

/** A tool model. */
final class Tool extends ListRow {}
