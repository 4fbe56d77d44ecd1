<?php

declare(strict_types=1);

namespace Gondrik\Core\Size;

/** Newtons in one of other units of force, exact by definition: standard gravity (BIPM, SI brochure) and the international pound. */
final class Newtons
{
    /** 9.80665 m/s² × 1 kg */
    public const KILOGRAM_FORCE = 9.80665;

    /** 0.45359237 kg × 9.80665 m/s² */
    public const POUND_FORCE = 4.4482216152605;
}
