<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;

/**
 * @property int    $id
 * @property int    $shop_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role   $role
 * @property Shop   $shop
 */
final class User extends Authenticatable
{
    use HasApiTokens;

    protected $fillable = ['shop_id', 'name', 'email', 'password', 'role'];

    protected $hidden = ['password', 'remember_token'];

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class];
    }
}
