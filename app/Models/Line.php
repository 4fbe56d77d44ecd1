<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One line of a scope.
 *
 * @property int      $scope_id
 * @property string   $code
 * @property int|null $wire_id
 * @property int|null $terminal_id
 * @property int|null $wire_b_id
 */
final class Line extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
