<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

use Gondrik\Core\Reference\Table;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Wire\PrintedCode;

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
        $printed = PrintedCode::parse($code);
        if ($printed === null || $printed->digits === '') {
            throw Invalid::at('code', $code, 'must be a wire code like M22759/32-20-6: sheet, gauge, colour digits');
        }
        $source = Source::formula(Formula::CodeForm);
        $colours = [];
        foreach (str_split($printed->digits) as $digit) {
            $row = array_column(Table::rows('wire-colour-code'), null, 'digit')[$digit];
            $colours[] = Figure::of($row['colour'], Source::row($row, $digit));
        }

        return new self(
            Figure::of($printed->specification, $source),
            Figure::of($printed->sheet, $source),
            Figure::of($printed->size->written, $source),
            Figure::of($printed->digits, $source),
            $colours,
        );
    }
}
