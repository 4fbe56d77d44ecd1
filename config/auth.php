<?php

declare(strict_types=1);

use App\Models\User;

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'resets'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users']],
    // Links to come in: an invitation holds for a week, one to a new password for a day. In minutes; a lead makes them, so nothing waits.
    'passwords' => [
        'invitations' => ['provider' => 'users', 'table' => 'invitation_tokens', 'expire' => 7 * 24 * 60, 'throttle' => 0],
        'resets' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 24 * 60, 'throttle' => 0],
    ],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
];
