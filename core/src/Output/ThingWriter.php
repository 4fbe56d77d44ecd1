<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Catalogue\BuiltInThing;
use Gondrik\Core\Catalogue\Diameter;
use Gondrik\Core\Catalogue\Diameters;
use Gondrik\Core\Catalogue\Source;
use Gondrik\Core\Listing\Listed;
use Gondrik\Core\Listing\RowProblem;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\ObjectCodec;

/** The built-in catalogue, tables of things, and what is known of diameters, as plain data. */
final readonly class ThingWriter
{
    /** @return array{thing: \stdClass, sources: object} the sources by path */
    public static function builtIn(BuiltInThing $thing): array
    {
        return ['thing' => (new ObjectCodec())->write($thing->thing), 'sources' => (object) array_map(self::source(...), $thing->sources)];
    }

    /** @return array<string, mixed> */
    public static function diameters(Wire $wire): array
    {
        $from = Diameters::sourceOf($wire);

        return [
            'conductor' => self::diameter(Diameters::conductor($wire)),
            'outside' => array_map(self::diameter(...), Diameters::outside($wire)),
            'outsideFrom' => $from === null ? null : self::diameter($from),
        ];
    }

    /** @return array<string, mixed> */
    public static function listed(Listed $listed): array
    {
        return [
            'rows' => $listed->rows,
            'thing' => $listed->thing === null ? null : (new ObjectCodec())->write($listed->thing),
            'problems' => array_map(static fn(RowProblem $problem): array => get_object_vars($problem), $listed->problems),
        ];
    }

    /** @return array<string, mixed> */
    private static function diameter(Diameter $diameter): array
    {
        return ['mm' => round($diameter->mm, 4), 'of' => $diameter->of, ...self::source($diameter->source)];
    }

    /** @return array{source: string, recall: string} */
    private static function source(Source $source): array
    {
        return ['source' => $source->source, 'recall' => $source->recall];
    }
}
