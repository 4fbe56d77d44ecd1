<?php

declare(strict_types=1);

namespace App\LongQuestions;

use Symfony\Component\HttpKernel\Exception\HttpException;

/** It is not the turn of a long question: nothing was done, and it may be asked again; a tab that shows it asks by itself. */
final class Waits extends HttpException
{
    private const SECONDS = 1;

    public function __construct()
    {
        parent::__construct(503, 'Other long questions are being answered: one of each person at a time, two of each shop. This one waits for its turn; nothing was changed.', headers: ['Retry-After' => self::SECONDS, 'Refresh' => self::SECONDS]);
    }
}
