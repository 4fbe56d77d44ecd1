<?php

declare(strict_types=1);

namespace Gondrik\Core\Card;

use Gondrik\Core\Bench\Calculation;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\End;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Sleeve;
use Gondrik\Core\Wire\Construction;

/** What one would ask to reckon a figure of a card again, by the names of the calculations. */
final readonly class Reckoning
{
    /** @return array<string, array<string, string>> by calculation; those that the line says enough for */
    public static function of(Line $line, HouseRules $rules): array
    {
        $thinnest = null;
        foreach ($line->ends as $end) {
            $thinnest = $thinnest === null || $end->wire->size->area < $thinnest->wire->size->area ? $end : $thinnest;
        }
        if ($thinnest === null || $line->terminal === null) {
            return [];
        }

        return array_filter([
            Calculation::Pull->value => ['size' => $thinnest->wire->size->written, 'class' => $line->terminal->class->value, 'standard' => $rules->pullStandard->value],
            Calculation::Sleeve->value => self::sleeve($line),
            Calculation::Strands->value => self::strands($thinnest),
        ]);
    }

    /** @return array<string, string> */
    private static function sleeve(Line $line): array
    {
        $over = SleeveOver::measures($line);

        return $over === null ? [] : [
            'widest' => (string) $over->widest,
            'narrowest' => (string) $over->narrowest,
            ...$over->covered === null ? [] : ['covered' => (string) $over->covered],
            ...$line->sleeve === Sleeve::Lined ? ['lined' => ''] : [],
        ];
    }

    /** @return array<string, string> */
    private static function strands(End $end): array
    {
        return match (true) {
            $end->wire->construction === Construction::Solid => ['solid' => '', 'size' => $end->wire->size->written],
            $end->wire->strands !== null => ['strands' => (string) $end->wire->strands],
            default => [],
        };
    }
}
