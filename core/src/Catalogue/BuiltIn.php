<?php

declare(strict_types=1);

namespace Gondrik\Core\Catalogue;

use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Gondrik\Core\Workbook\WorkbookList;

/** The catalogue that ships with the program, from data/catalogue.json: what a shop takes over and then calls its own. */
final readonly class BuiltIn
{
    public const LISTS = [WorkbookList::Wires, WorkbookList::Terminals, WorkbookList::Tools];

    /** @param array<string, array<string, array<string, Source>>> $sources by list, id and path */
    private function __construct(public Workbook $workbook, private array $sources) {}

    /** @throws \RuntimeException when the table is missing or broken */
    public static function read(): self
    {
        static $read = null;

        return $read ??= self::fromFile(dirname(__DIR__, 2) . '/data/catalogue.json');
    }

    /** @return list<BuiltInThing> in the order of the table */
    public function things(WorkbookList $list): array
    {
        $things = [];
        foreach ($list->of($this->workbook) as $thing) {
            assert($thing instanceof Wire || $thing instanceof Terminal || $thing instanceof Tool);
            $things[] = new BuiltInThing($thing, $this->sources[$list->value][$thing->id]);
        }

        return $things;
    }

    private static function fromFile(string $path): self
    {
        $data = json_decode((string) @file_get_contents($path));
        if (!$data instanceof \stdClass) {
            throw new \RuntimeException('Missing or broken table ' . $path);
        }
        $known = array_map(static fn(\stdClass $row): Source => new Source($row->source, $row->recall), get_object_vars($data->sources));
        $document = ['gondrik' => 1];
        $sources = [];
        foreach (self::LISTS as $list) {
            foreach ($data->{$list->value} as $row) {
                $document[$list->value][] = $row->thing;
                $sources[$list->value][$row->thing->id] = array_map(static fn(string $name): Source => $known[$name], get_object_vars($row->from));
            }
        }

        return new self((new WorkbookCodec())->read(json_encode($document, JSON_THROW_ON_ERROR)), $sources);
    }
}
