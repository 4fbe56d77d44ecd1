<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Spatie\Activitylog\Models\Activity;

/**
 * One change of a shop: who, when, and what was before and after.
 *
 * @property int       $id
 * @property int       $shop_id
 * @property string    $event
 * @property string    $description
 * @property \stdClass $properties  as the journal writes it
 * @property \stdClass $shown       what of it is told
 * @property string    $about       paths of what was changed, as PostgreSQL writes an array of text
 * @property int|null  $causer_id
 * @property User|null $causer
 * @property Carbon    $created_at
 */
final class Change extends Activity
{
    /** Objects stay objects: one without keys is no list. */
    protected $casts = ['properties' => 'object', 'shown' => 'object'];
}
