<?php

declare(strict_types=1);

/* What is given out at once or in a minute, before somebody must wait. */
return [
    // For one account; for one address whatever the account; and for everybody together.
    'sign_ins_per_account' => (int) (env('GONDRIK_SIGN_INS_PER_ACCOUNT') ?: 6),
    'sign_ins_per_address' => (int) (env('GONDRIK_SIGN_INS_PER_ADDRESS') ?: 30),
    'sign_ins_in_all' => (int) (env('GONDRIK_SIGN_INS_IN_ALL') ?: 300),
    // For one person.
    'uploads_per_minute' => (int) (env('GONDRIK_UPLOADS_PER_MINUTE') ?: 30),
    // For one address that reads calendars.
    'feeds_per_minute' => (int) (env('GONDRIK_FEEDS_PER_MINUTE') ?: 60),
    // Plans, imports and the like that are worked on together, on all nodes; each shop has a share of them, each person one.
    'long_questions_at_once' => (int) (env('GONDRIK_LONG_AT_ONCE') ?: 4),
];
