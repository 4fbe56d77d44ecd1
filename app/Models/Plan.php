<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A plan that was accepted: it stays as it was then.
 *
 * @property int          $id
 * @property int          $kit_id
 * @property int|null     $accepted_by
 * @property list<string> $scopes         ids
 * @property int          $cost           in cents
 * @property int          $terminations
 * @property int          $covered_before
 * @property int          $covered_after
 * @property Carbon       $created_at
 * @property Kit          $kit
 * @property User|null    $acceptedBy
 */
final class Plan extends Model
{
    protected $guarded = [];

    protected $casts = ['scopes' => 'array'];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return BelongsTo<User, $this> */
    public function acceptedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'accepted_by');
    }

    /** @return HasMany<PlanItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(PlanItem::class)->orderBy('position');
    }
}
