<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One line of a scope.
 *
 * @property int           $scope_id
 * @property string        $code
 * @property int|null      $wire_id
 * @property int|null      $terminal_id
 * @property int|null      $wire_b_id
 * @property Wire|null     $wire
 * @property Terminal|null $terminal
 * @property Wire|null     $wireB
 */
final class Line extends Model
{
    public $timestamps = false;

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

    /** @return BelongsTo<Wire, $this> */
    public function wireB(): BelongsTo
    {
        return $this->belongsTo(Wire::class, 'wire_b_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['add' => 'object', 'drop' => 'object', 'ambient' => 'float', 'torque' => 'float', 'temperature' => 'float'];
    }
}
