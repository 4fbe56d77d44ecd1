<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Stock\Box;
use Gondrik\Core\Stock\Stock;
use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Training\Station;
use Gondrik\Core\Value\ListOf;

/** The people of a shop, its things one by one, what it has on the shelf, its classes, and what has happened. */
final readonly class Register
{
    /**
     * @param list<Person>   $people
     * @param list<Asset>    $assets
     * @param list<Stock>    $stock
     * @param list<Box>      $boxes
     * @param list<Station>  $stations
     * @param list<Exercise> $exercises
     * @param list<Session>  $sessions
     * @param list<Entry>    $log       in the order in which it was written
     */
    public function __construct(
        #[ListOf(Person::class)]
        public array $people = [],
        #[ListOf(Asset::class)]
        public array $assets = [],
        #[ListOf(Stock::class)]
        public array $stock = [],
        #[ListOf(Box::class)]
        public array $boxes = [],
        #[ListOf(Station::class)]
        public array $stations = [],
        #[ListOf(Exercise::class)]
        public array $exercises = [],
        #[ListOf(Session::class)]
        public array $sessions = [],
        #[ListOf(Entry::class)]
        public array $log = [],
    ) {}
}
