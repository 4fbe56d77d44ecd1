<?php

declare(strict_types=1);

use App\Models\Change;

return [
    'enabled' => true,
    'default_log_name' => 'shop',
    'default_auth_driver' => null,
    'subject_returns_soft_deleted_models' => false,
    'activity_model' => Change::class,
    'table_name' => 'changes',
    'database_connection' => null,
];
