<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A thing of the workbook kept as a row: a column for each key (Columns), jsonb for what has a shape of its own.
 *
 * @property int    $id
 * @property int    $shop_id
 * @property string $code     the id it has in the workbook
 * @property string $name
 * @property int    $position its place in the workbook
 */
class ListRow extends Model
{
    protected $guarded = [];
}
