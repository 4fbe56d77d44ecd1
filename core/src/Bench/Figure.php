<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

/** One value that can be asked where it comes from; null where the source gives none, and the note says why. */
final readonly class Figure
{
    private function __construct(
        public string|int|float|bool|null $value,
        public ?FigureUnit $unit,
        public Source $source,
        public ?Note $note,
    ) {}

    public static function mm(?float $value, Source $source, ?Note $note = null): self
    {
        return new self($value, FigureUnit::Millimetre, $source, $note);
    }

    public static function of(string|int|float|bool|null $value, Source $source, ?FigureUnit $unit = null, ?Note $note = null): self
    {
        return new self($value, $unit, $source, $note);
    }
}
