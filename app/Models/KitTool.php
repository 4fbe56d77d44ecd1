<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * So many of one tool in a kit.
 *
 * @property int $kit_id
 * @property int $tool_id
 * @property int $count
 */
final class KitTool extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
