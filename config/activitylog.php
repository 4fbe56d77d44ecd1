<?php

declare(strict_types=1);

use App\Models\Change;

return [
    'enabled' => true,
    'delete_records_older_than_days' => 730,
    'default_log_name' => 'shop',
    'default_auth_driver' => null,
    'subject_returns_soft_deleted_models' => false,
    'activity_model' => Change::class,
    'table_name' => 'changes',
    'database_connection' => null,
];
