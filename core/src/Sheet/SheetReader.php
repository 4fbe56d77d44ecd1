<?php

declare(strict_types=1);

namespace Gondrik\Core\Sheet;

use Gondrik\Core\Cells\MappedColumn;
use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Cells\UnreadCell;
use Gondrik\Core\Entry\Alias;
use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\LinesCodec;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;

/** Reads a table of work: each row as a line, or of a wire list as the two ends of a wire. */
final class SheetReader
{
    private readonly CellReader $cells;

    /**
     * @param list<Wire>     $wires
     * @param list<Terminal> $terminals
     * @param list<Alias>    $aliases   what the shop calls some of them
     */
    public function __construct(private readonly array $wires, private readonly array $terminals, array $aliases = [])
    {
        $this->cells = new CellReader(new EntryReader($wires, $terminals, $aliases));
    }

    /**
     * @param array<int, list<string>> $rows by their place in the table; empty ones are passed over
     *
     * @return list<RowReading>
     */
    public function read(Mapping $mapping, array $rows): array
    {
        $drafts = $problems = [];
        foreach ($rows as $row => $cells) {
            if (trim(implode('', $cells)) === '') {
                continue;
            }
            [$drafts[$row], $problems[$row]] = $this->row($mapping, $cells);
        }

        return $this->checked($mapping, $drafts, $problems);
    }

    /** Whether its rows are wires with a terminal at each end. */
    public static function isWireList(Mapping $mapping): bool
    {
        return $mapping->find(Column::TerminalFrom->value) !== null || $mapping->find(Column::TerminalTo->value) !== null;
    }

    /**
     * Lines of equal content together, with their numbers added; what is no wire list stays as it is, row by row.
     *
     * @param list<RowReading> $readings
     *
     * @return list<LineGroup> in the order in which each is met first
     */
    public static function grouped(Mapping $mapping, array $readings): array
    {
        $lines = $rows = [];
        $isWireList = self::isWireList($mapping);
        foreach ($readings as $reading) {
            foreach ($reading->lines as $line) {
                $key = $isWireList ? self::work($line) : count($lines);
                $lines[$key] = isset($lines[$key]) ? $lines[$key]->times($lines[$key]->quantity + $line->quantity) : $line;
                $rows[$key][] = $reading->row;
            }
        }

        return array_values(array_map(static fn(Line $line, array $from): LineGroup => new LineGroup($line, $from), $lines, $rows));
    }

    /**
     * @param list<string> $cells
     *
     * @return array{list<\stdClass>, list<CellProblem>}
     */
    private function row(Mapping $mapping, array $cells): array
    {
        $line = new \stdClass();
        $problems = [];
        $isWireList = self::isWireList($mapping);
        $text = static fn(?MappedColumn $mapped): string => $mapped === null ? '' : trim($cells[$mapped->index] ?? '');
        $take = static function (\stdClass $into, ?MappedColumn $mapped, \Closure $read) use (&$problems): void {
            try {
                foreach ($read() as $key => $value) {
                    if ($value !== null) {
                        $into->{$key} = $value;
                    }
                }
            } catch (UnreadCell $error) {
                $problems[] = new CellProblem($mapped?->index, $error->text, $error->expected, $error->about, $error->candidates);
            }
        };

        $wire = $this->wireText($mapping, $text);
        if ($wire !== '') {
            $colour = $text($mapping->find(Column::WireColour->value));
            $take($line, $mapping->find(Column::Wire->value) ?? $mapping->find(Column::WireSize->value), fn(): array => $this->cells->end('wire', $wire, null, $colour === '' ? null : $colour));
        }
        foreach ($mapping->columns as $mapped) {
            $column = Column::from($mapped->says);
            $isRead = $column->isKey() && $column !== Column::Wire && $text($mapped) !== '';
            if ($isRead && !($isWireList && $column === Column::Terminal)) {
                $take($line, $mapped, fn(): array => $this->cells->read($column, $text($mapped), $mapped->unit, $line->wire ?? null));
            }
        }
        if (!$isWireList) {
            return [[$line], $problems];
        }
        $ends = [];
        foreach ([Column::TerminalFrom, Column::TerminalTo] as $column) {
            $mapped = $mapping->find($column->value) ?? $mapping->find(Column::Terminal->value);
            if ($mapped !== null && $text($mapped) !== '') {
                $end = clone $line;
                $take($end, $mapped, fn(): array => $this->cells->read($column, $text($mapped), $mapped->unit, $line->wire ?? null));
                $ends[] = $end;
            }
        }
        if ($ends === []) {
            $problems[] = new CellProblem(null, '', 'a terminal at one of its ends');
        }

        return [$ends, $problems];
    }

    /** All that a row says of its wire, the size first. */
    private function wireText(Mapping $mapping, \Closure $text): string
    {
        $parts = [];
        foreach ([Column::WireSize, Column::Wire, Column::WireConstruction, Column::WireInsulation] as $column) {
            $mapped = $mapping->find($column->value);
            $said = $text($mapped);
            $isNumber = preg_match('~^\d+(?:[.,]\d+)?$|^[1-4]/0$~D', $said) === 1;
            $parts[] = $said . ($isNumber && $mapped?->unit !== null ? ' ' . $mapped->unit : '');
        }

        return trim(implode(' ', array_filter($parts, static fn(string $part): bool => $part !== '')));
    }

    /**
     * What the codec and its schema say of lines that were read cell by cell; equal ones are asked about once.
     *
     * @param array<int, list<\stdClass>>   $drafts   by row
     * @param array<int, list<CellProblem>> $problems by row
     *
     * @return list<RowReading>
     */
    private function checked(Mapping $mapping, array $drafts, array $problems): array
    {
        $keys = $contents = [];
        foreach ($drafts as $row => $lines) {
            foreach ($problems[$row] === [] ? $lines : [] as $line) {
                $content = self::content($line);
                $keys[$content] ??= count($keys);
                $contents[$keys[$content]] ??= (object) [...get_object_vars($line), 'id' => 'line-' . ($keys[$content] + 1), 'quantity' => 1];
            }
        }
        [$sound, $refused] = (new LinesCodec())->read($this->wires, $this->terminals, $contents);
        $readings = [];
        foreach ($drafts as $row => $lines) {
            $read = [];
            foreach ($problems[$row] === [] ? $lines : [] as $line) {
                $key = $keys[self::content($line)];
                foreach ($refused[$key] ?? [] as $problem) {
                    $problems[$row][] = self::problemOf($mapping, $problem);
                }
                if (isset($sound[$key])) {
                    $read[] = $sound[$key]->times($line->quantity ?? 1);
                }
            }
            $readings[] = new RowReading($row, $problems[$row] === [] ? $read : [], $problems[$row]);
        }

        return $readings;
    }

    private static function problemOf(Mapping $mapping, Problem $problem): CellProblem
    {
        $key = explode('/', $problem->path)[0];
        $column = Column::tryFrom($key);
        $mapped = $column === null ? null : $mapping->find($column->value);

        return new CellProblem($mapped?->index, is_scalar($problem->value) ? (string) $problem->value : '', $problem->expected);
    }

    /** The same torque in pounds and in N·m is the same work. */
    private static function work(Line $line): string
    {
        $written = (new ObjectCodec())->write($line);
        if ($line->torque !== null) {
            $written->torque = $line->torque->newtonMetres;
        }

        return self::content($written);
    }

    /** What two lines that are the same work have the same. */
    private static function content(\stdClass $line): string
    {
        $said = array_diff_key(get_object_vars($line), ['id' => null, 'quantity' => null]);
        ksort($said);

        return json_encode($said, JSON_THROW_ON_ERROR);
    }
}
