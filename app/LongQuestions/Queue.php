<?php

declare(strict_types=1);

namespace App\LongQuestions;

/** What a long question takes a place in; the numbers are the first key of PostgreSQL's advisory locks. */
enum Queue: int
{
    case Person = 1;
    case Shop = 2;
    case Everybody = 3;
    case Waiting = 4;
}
