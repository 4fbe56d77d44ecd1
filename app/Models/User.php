<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;

/**
 * @property int      $id
 * @property int      $shop_id
 * @property string   $name
 * @property string   $email
 * @property string   $password
 * @property Role     $role
 * @property int|null $person_id who they are among the people of the shop, where somebody said
 * @property Shop     $shop
 */
final class User extends Authenticatable
{
    use HasApiTokens;

    protected $fillable = ['shop_id', 'name', 'email', 'password', 'role', 'person_id'];

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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class];
    }
}
