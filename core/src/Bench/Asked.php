<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Size\InvalidSize;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\PlainText;

/** What somebody asks of a calculation, by name and as it was typed. Whatever is wrong is refused by its name and value. */
final readonly class Asked
{
    /** More mm than any wire, tube or cable end has. */
    private const LONGEST = 100_000.0;

    private const MOST = 1_000_000;

    /** @param array<string, string> $values */
    public function __construct(private array $values) {}

    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->values);
    }

    /** @throws Invalid when it is missing */
    public function text(string $name): string
    {
        $text = $this->values[$name] ?? throw Invalid::at($name, null, 'is missing');
        $flaw = PlainText::flaw($text);

        return $flaw === null ? $text : throw Invalid::at($name, '', $flaw);
    }

    /** @throws Invalid */
    public function size(string $name = 'size'): Size
    {
        try {
            return Size::parse($this->text($name));
        } catch (InvalidSize $error) {
            throw Invalid::at($name, $this->values[$name] ?? null, $error->expected);
        }
    }

    /** @throws Invalid */
    public function range(string $name): SizeRange
    {
        try {
            return SizeRange::parse($this->text($name));
        } catch (InvalidSize $error) {
            throw Invalid::at($name, $this->values[$name] ?? null, $error->expected);
        }
    }

    /**
     * A length in mm, written as sizes are: 2,5 is 2.5, and 1,000 could be two things.
     *
     * @throws Invalid
     */
    public function mm(string $name, bool $mayBeNothing = false): float
    {
        $text = trim($this->text($name));
        if (preg_match('~,\d{3}(?!\d)~', $text) === 1) {
            throw Invalid::at($name, $text, 'is the comma a decimal comma or does it part thousands? Write a point, or no comma');
        }
        if (preg_match('~^\d{1,9}(?:[.,]\d{1,9})?(?:\s*mm)?$~D', $text) !== 1) {
            throw Invalid::at($name, $text, 'must be a length in mm, like 3.9');
        }
        $length = (float) str_replace(',', '.', $text);
        if ($length > self::LONGEST || ($length <= 0.0 && !$mayBeNothing)) {
            throw Invalid::at($name, $text, 'must be ' . ($mayBeNothing ? '0 mm or more' : 'above 0 mm') . ', at most ' . self::LONGEST . ' mm');
        }

        return $length;
    }

    /** @throws Invalid */
    public function mmOrNull(string $name): ?float
    {
        return $this->has($name) ? $this->mm($name) : null;
    }

    /** @throws Invalid */
    public function count(string $name): int
    {
        $text = trim($this->text($name));
        $number = preg_match('~^\d{1,7}$~D', $text) === 1 ? (int) $text : 0;

        return $number < 1 || $number > self::MOST ? throw Invalid::at($name, $text, 'must be a whole number, 1 or more') : $number;
    }

    /** @throws Invalid */
    public function countOrNull(string $name): ?int
    {
        return $this->has($name) ? $this->count($name) : null;
    }

    /**
     * One of a closed list.
     *
     * @template T of \BackedEnum
     *
     * @param class-string<T> $list
     *
     * @return T
     *
     * @throws Invalid
     */
    public function oneOf(string $name, string $list): \BackedEnum
    {
        $text = $this->text($name);

        return $list::tryFrom($text) ?? throw Invalid::at($name, $text, 'must be one of ' . implode(', ', array_column($list::cases(), 'value')));
    }
}
