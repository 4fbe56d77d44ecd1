<?php

declare(strict_types=1);

namespace App\Models;

use Laravel\Sanctum\PersonalAccessToken;

/** A script's token: "7|secret". What has another form belongs to nobody, and never reaches the database. */
final class AccessToken extends PersonalAccessToken
{
    protected $table = 'personal_access_tokens';

    private const FORM = '~^[1-9][0-9]{0,17}\|[A-Za-z0-9]{1,100}$~D';

    public static function findToken($token): ?static
    {
        return is_string($token) && preg_match(self::FORM, $token) === 1 ? parent::findToken($token) : null;
    }
}
