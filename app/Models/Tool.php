<?php

declare(strict_types=1);

namespace App\Models;

/** A tool model of the catalogue. */
final class Tool extends CatalogueItem {}
