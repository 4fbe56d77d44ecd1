<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a shop means by a name over a column.
 *
 * @property string      $name in small letters
 * @property string|null $says null where it says nothing
 */
final class ColumnName extends Model
{
    protected $guarded = [];
}
