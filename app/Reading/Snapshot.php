<?php

declare(strict_types=1);

namespace App\Reading;

use Illuminate\Support\Facades\DB;

/** Several reads of one and the same moment, whatever others write meanwhile. */
final class Snapshot
{
    /**
     * @template T
     *
     * @param \Closure(): T $read
     *
     * @return T
     */
    public static function read(\Closure $read): mixed
    {
        // Inside a change the shop's lock sees to it that nothing moves.
        if (DB::transactionLevel() > 0) {
            return $read();
        }

        return DB::transaction(static function () use ($read): mixed {
            DB::statement('set transaction isolation level repeatable read, read only');

            return $read();
        });
    }
}
