<?php

declare(strict_types=1);

namespace App\Classes;

use Gondrik\Core\Rotation\Course;
use Gondrik\Core\Rotation\OneMore;
use Gondrik\Core\Rotation\Rotation;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Workbook\Workbook;

/** A class that is asked about, kept or drawn, with what it names. */
final readonly class AskedClass
{
    /** @param Workbook $workbook with all that the session names */
    public function __construct(public Session $session, public Workbook $workbook) {}

    /** As it is kept. */
    public function course(): Course
    {
        return Course::kept($this->session, $this->workbook->exercisesOf($this->session));
    }

    /** @param int|null $now minutes from the start, from which on it is planned anew; null: all of it */
    public function rotation(float $seconds, ?int $now): Rotation
    {
        return $this->workbook->rotation($this->session, $seconds, [], $now);
    }

    /**
     * What one place more at some stations is worth, each by itself.
     *
     * @param list<string> $stations ids; those that the class does not have are left out
     *
     * @return list<OneMore>
     */
    public function worth(array $stations, float $seconds): array
    {
        return Rotation::worth($this->session, $this->workbook->stationsOf($this->session), $this->workbook->exercisesOf($this->session), $seconds, array_values(array_intersect($this->session->stations, $stations)));
    }
}
