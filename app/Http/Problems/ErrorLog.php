<?php

declare(strict_types=1);

namespace App\Http\Problems;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;

/** What the log keeps of a statement that failed: never the values, among which a whole file may be. */
final class ErrorLog
{
    private const LONGEST = 500;

    public static function query(QueryException $error): void
    {
        // PostgreSQL repeats values in the lines below the first.
        $said = strtok((string) $error->getPrevious()?->getMessage(), "\n");
        Log::error(mb_substr(mb_scrub((string) $said), 0, self::LONGEST), [
            'statement' => mb_substr($error->getSql(), 0, self::LONGEST),
            'at' => self::places($error),
        ]);
    }

    /** @return list<string> where it happened, in our own code */
    private static function places(\Throwable $error): array
    {
        $places = [];
        foreach ($error->getTrace() as $frame) {
            $file = $frame['file'] ?? '';
            if (str_starts_with($file, app_path())) {
                $places[] = substr($file, strlen(base_path()) + 1) . ':' . ($frame['line'] ?? 0);
            }
        }

        return $places;
    }
}
