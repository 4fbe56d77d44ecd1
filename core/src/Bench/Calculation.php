<?php

declare(strict_types=1);

namespace Gondrik\Core\Bench;

/** What can be reckoned without a workbook. */
enum Calculation: string
{
    case Size = 'size';
    case Diameter = 'diameter';
    case Pull = 'pull';
    case Sleeve = 'sleeve';
    case Strands = 'strands';
    case Exposed = 'exposed';
    case Fill = 'fill';
    case Pulls = 'pulls';
    case Identify = 'identify';
    case Code = 'code';
    case Notch = 'notch';

    /** @return list<string> what may be asked of it, by name */
    public function options(): array
    {
        return match ($this) {
            self::Size => ['size'],
            self::Diameter => ['size', 'construction', 'strands'],
            self::Pull => ['size', 'class', 'standard'],
            self::Sleeve => ['widest', 'narrowest', 'covered', 'lined'],
            self::Strands => ['strands', 'solid', 'size'],
            self::Exposed => ['insulation-od', 'length'],
            self::Fill => ['size', 'count', 'terminal'],
            self::Pulls => ['sheath', 'section'],
            self::Identify => ['strands', 'strand-diameter', 'conductor', 'bend'],
            self::Code => ['code'],
            self::Notch => ['size', 'construction', 'strands', 'insulation-od', 'hole', 'label'],
        };
    }

    /** @return list<string> those that are said or not said, without a value */
    public static function flags(): array
    {
        return ['lined', 'solid'];
    }

    /** @return list<string> of all calculations, each once */
    public static function allOptions(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn(self $one): array => $one->options(), self::cases()))));
    }
}
