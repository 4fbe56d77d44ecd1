<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * So many of one tool in a kit.
 *
 * @property int  $kit_id
 * @property int  $tool_id
 * @property int  $count
 * @property Tool $tool
 */
final class KitTool extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Tool, $this> */
    public function tool(): BelongsTo
    {
        return $this->belongsTo(Tool::class);
    }
}
