<?php

declare(strict_types=1);

namespace Gondrik\Core\Wire;

use Gondrik\Core\Size\Size;

/**
 * What is printed on aircraft wire: M22759/32-20-6 is sheet 32 of the specification, 20 AWG, blue. The number after the slash is
 * no strand count. The colours may be missing.
 */
final readonly class PrintedCode
{
    private function __construct(
        public string $specification,
        public int $sheet,
        public Size $size,
        /** Colour digits, ground colour first; "" where none are printed. */
        public string $digits,
    ) {}

    /** Null for any other text. */
    public static function parse(string $code): ?self
    {
        if (preg_match('~^(?<specification>M22759)/(?<sheet>\d{1,3})-(?<gauge>\d{1,2}|0{3,4}|[1-4]/0)(?:-(?<digits>\d{1,4}))?$~D', strtoupper(trim($code)), $part) !== 1) {
            return null;
        }
        $gauge = preg_match('~^0+$~', $part['gauge']) === 1 ? strlen($part['gauge']) . '/0' : ltrim($part['gauge'], '0');

        return new self($part['specification'], (int) $part['sheet'], Size::parse($gauge . ' AWG'), $part['digits'] ?? '');
    }

    /** Whether both can be printed on the same wire: colours that one of them leaves out are no contradiction. */
    public function agreesWith(self $other): bool
    {
        return $this->specification === $other->specification
            && $this->sheet === $other->sheet
            && $this->size->area === $other->size->area
            && ($this->digits === '' || $other->digits === '' || $this->digits === $other->digits);
    }

    /** How its specification builds its size, where the table has it. */
    public function stranding(): ?Stranding
    {
        foreach (Stranding::all() as $stranding) {
            if ($stranding->specification === $this->specification && abs($stranding->size->area / $this->size->area - 1) < 1e-6) {
                return $stranding;
            }
        }

        return null;
    }
}
