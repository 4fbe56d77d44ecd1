<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

use Gondrik\Core\Size\Newtons;
use Gondrik\Core\Size\Torque;

/** What the numbers of a column measure; the workbook has each in one unit, a table that somebody brings may have it in another. */
enum Dimension
{
    case Length;
    case Force;
    case Torque;
    case Temperature;
    case Mass;
    case Money;

    /** What one of a unit is in the workbook's (mm, N, N·m, °C, g, whole cents); null for a unit of something else. */
    public function factor(string $unit): ?float
    {
        return match ($this) {
            self::Length => ['mm' => 1.0, 'cm' => 10.0, 'in' => 25.4, 'inch' => 25.4, 'inches' => 25.4, '"' => 25.4, '″' => 25.4, 'mil' => 0.0254][$unit] ?? null,
            self::Force => ['n' => 1.0, 'kn' => 1000.0, 'lbf' => Newtons::POUND_FORCE, 'lb' => Newtons::POUND_FORCE, 'kgf' => Newtons::KILOGRAM_FORCE][$unit] ?? null,
            self::Torque => ['nm' => 1.0, 'lbfin' => Torque::POUND_INCH, 'inlb' => Torque::POUND_INCH, 'lbfft' => Torque::POUND_FOOT, 'ftlb' => Torque::POUND_FOOT][$unit] ?? null,
            self::Temperature => ['°c' => 1.0, 'c' => 1.0][$unit] ?? null,
            self::Mass => ['g' => 1.0, 'kg' => 1000.0, 'oz' => 28.349523125, 'lb' => 453.59237][$unit] ?? null,
            self::Money => ['cents' => 1.0, 'cent' => 1.0, 'ct' => 1.0, 'money' => 100.0, '€' => 100.0, '$' => 100.0, '£' => 100.0, 'eur' => 100.0, 'usd' => 100.0, 'gbp' => 100.0, 'chf' => 100.0, 'sek' => 100.0][$unit] ?? null,
        };
    }

    /** An example of what is right. */
    public function example(): string
    {
        return match ($this) {
            self::Length => 'a length, like 3.9 mm or 0.15 in',
            self::Force => 'a force, like 180 N or 40 lbf',
            self::Torque => 'a torque, like 1.2 N·m or 15 lbf·in',
            self::Temperature => 'a temperature, like -5 °C',
            self::Mass => 'a mass, like 240 g or 0.24 kg',
            self::Money => 'an amount, like 3200 cents or 32.00',
        };
    }

    /** Of the numbers under one key of the workbook. */
    public static function of(string $path): self
    {
        $key = (string) preg_replace('~^.*[./]~', '', $path);

        return match (true) {
            in_array($key, ['price', 'perUse', 'perMonth'], true) => self::Money,
            in_array($key, ['gripForce', 'capacity'], true) => self::Force,
            $key === 'massGrams' => self::Mass,
            $key === 'torque', str_starts_with($path, 'range.') => self::Torque,
            in_array($key, ['minTemperature', 'coldBelow', 'ambient', 'temperature'], true), str_starts_with($path, 'temperature.') => self::Temperature,
            default => self::Length,
        };
    }
}
