<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** For whoever watches: asks neither for a session nor for a person, so that it answers when nothing else does. */
final class HealthController extends Controller
{
    /** Below this nothing can be relied on to be written, the database's own files among it: DISK_FULL of setup/watch.sh. */
    private const LEAST_MEGABYTES = 50;

    public function show(): JsonResponse
    {
        $free = intdiv((int) disk_free_space(storage_path()), 1024 * 1024);
        $checks = [
            'database' => ['ok' => $this->databaseAnswers()],
            'disk' => ['ok' => $free >= self::LEAST_MEGABYTES, 'freeMegabytes' => $free],
            // Nothing is put off here: every request does its work itself.
            'queue' => ['ok' => true, 'waiting' => 0],
        ];
        $isWell = !in_array(false, array_column($checks, 'ok'), true);

        return new JsonResponse(['ok' => $isWell, 'node' => (int) (getenv('GONDRIK_NODE') ?: 1), ...$checks], $isWell ? 200 : 503, ['Cache-Control' => 'no-store']);
    }

    private function databaseAnswers(): bool
    {
        try {
            return DB::selectOne('select 1 as one')->one === 1;
        } catch (\PDOException) {
            return false;
        }
    }
}
