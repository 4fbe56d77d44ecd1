<?php

declare(strict_types=1);

namespace Gondrik\Core\Listing;

use Gondrik\Core\Asset\Asset;
use Gondrik\Core\Asset\Person;
use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\LinesCodec;
use Gondrik\Core\Workbook\ListCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookList;

/** Reads a table as things of one list; rows of one id are one thing, rows without one go on with the thing above. */
final readonly class ListReader
{
    /** @param Workbook $shop that the things of the table may name */
    public function __construct(private Workbook $shop) {}

    /**
     * @param class-string<Wire|Terminal|Tool|Kit|Person|Asset|Line> $class   of the things
     * @param Mapping                                                $mapping by its ThingHeadings
     * @param array<int, list<string>>                               $rows    by their place in the table; empty ones are passed over
     * @param \Closure(string): string                               $idOf    an id that is free, for a thing that has only a name
     *
     * @return list<Listed> in the order in which they are met first
     */
    public function read(string $class, Mapping $mapping, array $rows, \Closure $idOf): array
    {
        $whole = ListPart::of($class);
        $drafts = $byId = [];
        $current = null;
        foreach ($rows as $row => $texts) {
            $cells = self::cells($mapping, $texts);
            if ($cells === []) {
                continue;
            }
            $id = trim($cells['id'][1] ?? '');
            $name = $cells['name'][1] ?? '';
            $isOneMore = $whole->parts !== [] && $current !== null && $id === '' && ($name === '' || $name === ($current->item->name ?? null));
            if (!$isOneMore) {
                $known = $id !== '' && $whole->parts !== [] ? $byId[$id] ?? null : null;
                $current = $known ?? new ListDraft($whole);
                if ($known === null) {
                    $drafts[] = $current;
                }
                if ($id !== '') {
                    $byId[$id] ??= $current;
                }
            }
            $current->take($row, $cells);
        }

        return $this->checked($class, $drafts, $idOf);
    }

    /**
     * @param list<string> $texts
     *
     * @return array<string, array{int, string, string|null}>
     */
    private static function cells(Mapping $mapping, array $texts): array
    {
        $cells = [];
        foreach ($mapping->columns as $column) {
            $text = $texts[$column->index] ?? '';
            if (trim($text) !== '') {
                $cells[$column->says] = [$column->index, $text, $column->unit];
            }
        }

        return $cells;
    }

    /**
     * @param class-string<Wire|Terminal|Tool|Kit|Person|Asset|Line> $class
     * @param list<ListDraft>                                        $drafts
     * @param \Closure(string): string                               $idOf
     *
     * @return list<Listed>
     */
    private function checked(string $class, array $drafts, \Closure $idOf): array
    {
        $items = [];
        foreach ($drafts as $key => $draft) {
            $this->byName($class, $draft);
            if (!isset($draft->item->id) && is_string($draft->item->name ?? null)) {
                $draft->item->id = $idOf($draft->item->name);
            }
            if ($draft->problems() === []) {
                $items[$key] = $draft->item;
            }
        }
        [$things, $problems] = $class === Line::class
            ? (new LinesCodec())->read($this->shop->wires, $this->shop->terminals, $items)
            : (new ListCodec())->read(WorkbookList::holding($class), $items, $this->shop);
        $listed = [];
        foreach ($drafts as $key => $draft) {
            /** @var Wire|Terminal|Tool|Kit|Person|Asset|Line|null $thing */
            $thing = $things[$key] ?? null;
            $told = array_map(static fn(Problem $problem): RowProblem => self::told($draft, $problem), $problems[$key] ?? []);
            $rows = $draft->rows();
            assert($rows !== []);
            $listed[] = new Listed($rows, $thing, [...$draft->problems(), ...$told]);
        }

        return $listed;
    }

    /** A thing of a shop's own list says by name which model it is of and where it lives. */
    private function byName(string $class, ListDraft $draft): void
    {
        foreach ($class === Asset::class ? ['tool' => $this->shop->tools, 'home' => $this->shop->kits] : [] as $key => $others) {
            $said = $draft->item->{$key} ?? null;
            if (!is_string($said) || array_filter($others, static fn(Tool|Kit $other): bool => $other->id === $said) !== []) {
                continue;
            }
            $named = array_values(array_filter($others, static fn(Tool|Kit $other): bool => mb_strtolower($other->name) === mb_strtolower(trim($said))));
            $one = $key === 'home' ? 'kit' : 'tool';
            match (count($named)) {
                0 => $draft->refuse($key, $said, "a {$one} of the shop, by its name or its id"),
                1 => $draft->item->{$key} = $named[0]->id,
                default => $draft->refuse($key, $said, "one {$one} of the shop: " . count($named) . ' are called so, say its id'),
            };
        }
    }

    private static function told(ListDraft $draft, Problem $problem): RowProblem
    {
        [$row, $column] = $draft->placeOf($problem->path);
        // What is missing stands nowhere: where it would is told by its name.
        $name = str_replace('/', '.', (string) preg_replace('~(^|/)(capabilitie|nest|position|tool|due)s/\d+~', '$1$2', $problem->path));
        $isTold = $column !== null || $name === '' || $problem->isMissing();

        return new RowProblem($row, $column, is_scalar($problem->value) ? (string) $problem->value : '', ($isTold ? '' : $name . ': ') . $problem->expected);
    }
}
