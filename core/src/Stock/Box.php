<?php

declare(strict_types=1);

namespace Gondrik\Core\Stock;

use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\ListOf;

/** A divided box that is bought as a whole, for so many cents. */
final readonly class Box
{
    /**
     * @param list<BoxPart> $holds
     *
     * @throws Invalid when it holds nothing, or one thing twice
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $price,
        #[ListOf(BoxPart::class)]
        public array $holds,
    ) {
        if ($holds === []) {
            throw Invalid::at('holds', null, 'at least one thing that is in it');
        }
        $seen = [];
        foreach ($holds as $at => $part) {
            if (isset($seen[$part->stock->id])) {
                throw Invalid::at('holds/' . $at . '/stock', $part->stock->id, 'each stock once, with all of its pieces');
            }
            $seen[$part->stock->id] = true;
        }
    }
}
