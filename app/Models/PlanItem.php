<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing that a plan brings, and whether it has come.
 *
 * @property int         $id
 * @property int         $plan_id
 * @property string      $tool       id of then
 * @property string      $name
 * @property string      $wanted
 * @property string      $means
 * @property string|null $from_kit
 * @property int         $cost       in cents
 * @property Carbon|null $arrived_at
 * @property int|null    $arrived_by
 */
final class PlanItem extends Model
{
    protected $guarded = [];

    protected $casts = ['arrived_at' => 'datetime'];
}
