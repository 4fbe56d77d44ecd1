<?php

declare(strict_types=1);

namespace App\Models;

/** A terminal of the catalogue. */
final class Terminal extends CatalogueItem {}
