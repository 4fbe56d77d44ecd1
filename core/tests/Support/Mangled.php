<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Random\Randomizer;

/** Documents with something somewhere in them put out of shape, the same for the same seed. */
final readonly class Mangled
{
    private const BYTES = ["\0", "\x1b", "\xff", '"', '{', ']', ',', ':', '\\', '-', '9', 'e', ' ', 'é'];

    public function __construct(private Randomizer $random) {}

    /** With one value of another kind, or one key of another name. */
    public function document(\stdClass $document): \stdClass
    {
        $places = [];
        $walk = static function (mixed &$value) use (&$walk, &$places): void {
            $places[] = &$value;
            if ($value instanceof \stdClass || is_array($value)) {
                foreach ($value as &$below) {
                    $walk($below);
                }
            }
        };
        $walk($document);
        // The whole stays an object: of an empty one only a key can be odd.
        $at = count($places) === 1 ? 0 : $this->random->getInt(1, count($places) - 1);
        if ($at === 0 || ($places[$at] instanceof \stdClass && $this->random->getInt(0, 1) === 1)) {
            $places[$at]->{$this->one(["b\u{7}", '0', 'längs', '__proto__', 'id ', str_repeat('k', 300)])} = $this->one($this->odd());
        } else {
            $places[$at] = $this->one($this->odd());
        }

        return $document;
    }

    /** As JSON, and in one case of three with bytes changed, put in, or cut off. */
    public function text(\stdClass $document): string
    {
        $text = (string) json_encode($this->document($document), JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $at = $this->random->getInt(0, strlen($text) - 1);

        return match ($this->random->getInt(0, 8)) {
            0 => substr_replace($text, $this->one(self::BYTES), $at, 1),
            1 => substr_replace($text, $this->one(self::BYTES), $at, 0),
            2 => substr($text, 0, $at),
            default => $text,
        };
    }

    /** @return list<mixed> */
    private function odd(): array
    {
        return [
            null, true, -1, 0, 1e308, INF, -0.0, 9.5, '', '12', 'marine', '12 AWG', str_repeat('a', 5000), 'awg' . str_repeat(' ', 60_000) . 'x',
            "a\u{0}b", "\u{9b}2J", "\u{202e}", "two\nlines", [], [[]], new \stdClass(), (object) ['op' => 'weld'], ['any'], PHP_INT_MAX, array_fill(0, 600, 'x'),
        ];
    }

    /**
     * @template T
     *
     * @param list<T> $choices
     *
     * @return T
     */
    private function one(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, count($choices) - 1)];
    }
}
