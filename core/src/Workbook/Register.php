<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Value\ListOf;

/** The people of a shop, its things one by one, and what has happened to them. */
final readonly class Register
{
    /**
     * @param list<Person> $people
     * @param list<Asset>  $assets
     * @param list<Entry>  $log    in the order in which it was written
     */
    public function __construct(
        #[ListOf(Person::class)]
        public array $people = [],
        #[ListOf(Asset::class)]
        public array $assets = [],
        #[ListOf(Entry::class)]
        public array $log = [],
    ) {}
}
