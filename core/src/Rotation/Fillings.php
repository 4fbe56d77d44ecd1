<?php

declare(strict_types=1);

namespace Gondrik\Core\Rotation;

/** How far pieces of some lengths, as many of each as one likes, fill what is there without a piece being cut. */
final class Fillings
{
    /** @var list<int> by what is there */
    private array $most = [0];

    /** @param list<int> $lengths each above 0 */
    public function __construct(private readonly array $lengths) {}

    public function most(int $room): int
    {
        for ($at = count($this->most); $at <= $room; $at++) {
            $most = 0;
            foreach ($this->lengths as $length) {
                if ($length <= $at) {
                    $most = max($most, $length + $this->most[$at - $length]);
                }
            }
            $this->most[] = $most;
        }

        return $room > 0 ? $this->most[$room] : 0;
    }
}
