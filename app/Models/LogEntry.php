<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something that has happened. It is written once and read for ever: the database refuses to change it.
 *
 * @property int      $id
 * @property string   $code       the id it has in the workbook
 * @property string   $on         a day
 * @property string   $what
 * @property string   $entry      as the workbook has it, as JSON
 * @property int|null $asset_id
 * @property int|null $voids_id   of the entry that it takes out of account
 * @property int|null $user_id    whoever was signed in
 * @property Carbon   $created_at
 */
final class LogEntry extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}
