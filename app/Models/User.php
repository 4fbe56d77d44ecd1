<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Laravel\Sanctum\HasApiTokens;

/**
 * @property int                          $id
 * @property int                          $shop_id
 * @property string                       $name
 * @property string                       $email
 * @property string                       $password
 * @property Role                         $role
 * @property int|null                     $person_id    who they are among the people of the shop, where somebody said
 * @property Shop                         $shop
 * @property \Carbon\CarbonImmutable|null $joined_at    when they came in; null while they are asked in only
 * @property \Carbon\CarbonImmutable|null $last_seen_at
 * @property \Carbon\CarbonImmutable|null $left_at      when they were taken out
 */
final class User extends Authenticatable
{
    use HasApiTokens;
    use Notifiable;

    protected $fillable = ['shop_id', 'name', 'email', 'password', 'role', 'person_id', 'joined_at', 'left_at'];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** The id of who they are among the people of the shop; null where nobody said. */
    public function personCode(): ?string
    {
        $code = $this->person_id === null ? null : Shop::ofId($this->shop_id)->listed('people')->where('id', $this->person_id)->value('code');

        return is_string($code) ? $code : null;
    }

    /** Signs them out wherever they are. */
    public function endEverywhere(?string $but = null): void
    {
        BrowserSession::query()->where('user_id', $this->id)->where('id', '<>', $but ?? '')->delete();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'joined_at' => 'immutable_datetime', 'last_seen_at' => 'immutable_datetime', 'left_at' => 'immutable_datetime'];
    }
}
