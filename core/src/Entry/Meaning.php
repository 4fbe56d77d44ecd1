<?php

declare(strict_types=1);

namespace Gondrik\Core\Entry;

/** What a word of the trade stands for: a feature of a wire or terminal, or a condition of the line. */
final readonly class Meaning
{
    /** Features of wires and terminals; all else is a condition of the line. */
    private const FEATURES = ['construction', 'insulation', 'conductor', 'class', 'shape', 'colour', 'word', 'noun'];

    public function __construct(public string $about, public string $value) {}

    /** A word for any wire or terminal: said for the ear, no matter where nothing is called so. */
    public function isNoun(): bool
    {
        return $this->about === 'noun';
    }

    public function isFeature(): bool
    {
        return in_array($this->about, self::FEATURES, true);
    }
}
