<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Wire\Wire;

/** Reads lines by themselves, by the same schema and codec as a workbook; what is wrong with one does not touch another. */
final readonly class LinesCodec
{
    public function __construct(private ApartReading $apart = new ApartReading()) {}

    /**
     * @param list<Wire>            $wires     that the lines may name
     * @param list<Terminal>        $terminals
     * @param array<int, \stdClass> $lines     as the workbook writes them, each with its id; by whatever key the caller has
     *
     * @return array{array<int, Line>, array<int, list<Problem>>} the sound ones, and of the others every problem, with its path below the line; by the same keys
     *
     * @throws InvalidWorkbook when it is not about a line: the whole is too large
     */
    public function read(array $wires, array $terminals, array $lines): array
    {
        [$wires, $terminals] = [self::named($wires, $lines, 'wire', 'wireB'), self::named($terminals, $lines, 'terminal')];

        /** @var array{array<int, Line>, array<int, list<Problem>>} $read */
        $read = $this->apart->read(
            $lines,
            static fn(array $lines): array => ['wires' => $wires, 'terminals' => $terminals, 'scopes' => [['id' => 'lines', 'name' => 'Lines', 'lines' => $lines]]],
            'scopes/0/lines',
            static fn(Workbook $workbook): array => $workbook->scopes[0]->lines,
        );

        return $read;
    }

    /**
     * @template T of Wire|Terminal
     *
     * @param list<T>               $things
     * @param array<int, \stdClass> $lines
     *
     * @return list<\stdClass> those that are named, as the workbook writes them
     */
    private static function named(array $things, array $lines, string ...$keys): array
    {
        $ids = [];
        foreach ($lines as $line) {
            foreach ($keys as $key) {
                $id = $line->{$key} ?? null;
                if (is_string($id)) {
                    $ids[$id] = true;
                }
            }
        }

        return array_values(array_map((new ObjectCodec())->write(...), array_filter($things, static fn(Wire|Terminal $thing): bool => isset($ids[$thing->id]))));
    }
}
