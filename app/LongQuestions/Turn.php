<?php

declare(strict_types=1);

namespace App\LongQuestions;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;

/**
 * The turn of a question that takes long: one at a time for each person, a share for each shop, so many for all. It is held as
 * locks of a connection of its own, on whichever node; whatever ends the request ends the connection, and with it the turn.
 */
final class Turn
{
    /** Of all questions of one shop. */
    private const OF_A_SHOP = 2;

    /** Further ones of one person that may stand in a worker until it is their turn. */
    private const WAITING = 2;

    /** Seconds that one waits in a worker, and between two looks. */
    private const PATIENCE = 3.0;

    private const PAUSE = 0.05;

    private const CONNECTION = 'turns';

    private function __construct(private readonly Connection $locks) {}

    /** Null when it is not its turn for now. */
    public static function of(int $person, int $shop): ?self
    {
        $locks = DB::connection(self::CONNECTION);
        $turn = new self($locks);
        $until = microtime(true) + self::PATIENCE;
        if ($turn->takes($person, $shop)) {
            return $turn;
        }
        if ($turn->takesOneOf(Queue::Waiting, $person, self::WAITING)) {
            while (microtime(true) < $until) {
                usleep((int) (self::PAUSE * 1e6));
                if ($turn->takes($person, $shop)) {
                    $turn->leaves(Queue::Waiting, $person, self::WAITING);

                    return $turn;
                }
            }
        }
        $turn->end();

        return null;
    }

    public function end(): void
    {
        DB::purge(self::CONNECTION);
    }

    /**
     * All three or none.
     *
     * @phpstan-impure others come and go
     */
    private function takes(int $person, int $shop): bool
    {
        if (!$this->takesOneOf(Queue::Person, $person, 1)) {
            return false;
        }
        if ($this->takesOneOf(Queue::Shop, $shop, self::OF_A_SHOP)) {
            if ($this->takesOneOf(Queue::Everybody, 0, config()->integer('gondrik.long_questions_at_once'))) {
                return true;
            }
            $this->leaves(Queue::Shop, $shop, self::OF_A_SHOP);
        }
        $this->leaves(Queue::Person, $person, 1);

        return false;
    }

    private function takesOneOf(Queue $queue, int $of, int $places): bool
    {
        for ($place = 0; $place < $places; $place++) {
            if ($this->locks->scalar('select pg_try_advisory_lock(?, ?)', [$queue->value, $of * $places + $place]) === true) {
                return true;
            }
        }

        return false;
    }

    /** Whichever place of it is held: the others say no, which is no error. */
    private function leaves(Queue $queue, int $of, int $places): void
    {
        $this->locks->select(
            'select pg_advisory_unlock(classid::int, objid::int) from pg_locks where locktype = ? and pid = pg_backend_pid() and classid = ? and objid between ? and ?',
            ['advisory', $queue->value, $of * $places, $of * $places + $places - 1],
        );
    }
}
