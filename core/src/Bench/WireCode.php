<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Value\Invalid;

/** What is printed on a wire: M22759/32-20-6 is sheet 32 of the specification, 20 AWG, blue. The number after the slash is no strand count. */
final readonly class WireCode
{
    /** @param list<Figure> $colours ground colour first, then the stripes */
    private function __construct(
        public Figure $specification,
        public Figure $sheet,
        public Figure $size,
        public Figure $digits,
        public array $colours,
    ) {}

    /** @throws Invalid for anything else than that form */
    public static function parse(string $code): self
    {
        if (preg_match('~^(?<specification>M22759)/(?<sheet>\d{1,3})-(?<gauge>\d{1,2}|0{3,4}|[1-4]/0)-(?<digits>\d{1,4})$~D', strtoupper(trim($code)), $part) !== 1) {
            throw Invalid::at('code', $code, 'must be a wire code like M22759/32-20-6: sheet, gauge, colour digits');
        }
        $source = Source::formula(Formula::CodeForm);
        $gauge = preg_match('~^0+$~', $part['gauge']) === 1 ? strlen($part['gauge']) . '/0' : ltrim($part['gauge'], '0');
        $size = Size::parse($gauge . ' AWG');
        $colours = [];
        foreach (str_split($part['digits']) as $digit) {
            $row = array_column(Table::rows('wire-colour-code'), null, 'digit')[$digit];
            $colours[] = Figure::of($row['colour'], Source::row($row, $digit));
        }

        return new self(
            Figure::of($part['specification'], $source),
            Figure::of((int) $part['sheet'], $source),
            Figure::of($size->written, $source),
            Figure::of($part['digits'], $source),
            $colours,
        );
    }
}
