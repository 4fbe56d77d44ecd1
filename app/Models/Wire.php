<?php

declare(strict_types=1);

namespace App\Models;

/** A wire or cable of the catalogue. */
final class Wire extends CatalogueItem {}
