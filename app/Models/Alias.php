<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a shop calls a wire or terminal besides its name.
 *
 * @property int           $id
 * @property string        $words       in small letters
 * @property int|null      $wire_id
 * @property int|null      $terminal_id
 * @property Wire|null     $wire
 * @property Terminal|null $terminal
 */
final class Alias extends Model
{
    protected $table = 'aliases';

    protected $guarded = [];

    /** @return BelongsTo<Wire, $this> */
    public function wire(): BelongsTo
    {
        return $this->belongsTo(Wire::class);
    }

    /** @return BelongsTo<Terminal, $this> */
    public function terminal(): BelongsTo
    {
        return $this->belongsTo(Terminal::class);
    }
}
