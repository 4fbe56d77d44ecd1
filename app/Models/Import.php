<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A workbook that was uploaded and found valid, waiting to be applied.
 *
 * @property string      $id
 * @property int         $shop_id
 * @property int         $user_id
 * @property string      $file_name
 * @property string      $content
 * @property Carbon|null $applied_at
 * @property string|null $before     the shop as a workbook before it was applied
 * @property string|null $after_hash of the shop as a workbook after it was applied
 * @property Carbon|null $undone_at
 * @property int|null    $undone_by  whoever took it back, not always who brought it
 * @property string|null $plan_hash  of what the dry run showed
 */
final class Import extends Model
{
    use HasUuids;

    protected $fillable = ['user_id', 'file_name', 'content', 'applied_at', 'before', 'after_hash', 'undone_at', 'undone_by', 'plan_hash'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['applied_at' => 'datetime', 'undone_at' => 'datetime'];
    }
}
