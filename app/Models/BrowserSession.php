<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A browser that is signed in (config/session.php): only ever ended.
 *
 * @property string   $id
 * @property int|null $user_id
 */
final class BrowserSession extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';
}
