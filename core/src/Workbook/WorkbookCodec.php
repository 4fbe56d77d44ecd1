<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Wire\Wire;

/** Reads and writes workbooks: the one place that knows their shape. */
final class WorkbookCodec
{
    private const FORMAT = 1;

    private const DEPTH = 32;

    /** Bytes of a document: no more is read, and none is written that could not be read again. */
    public const LARGEST = 10 * 1024 * 1024;

    /**
     * @param string $json UTF-8
     *
     * @throws InvalidWorkbook with all problems, each with its path and value
     */
    public function read(string $json): Workbook
    {
        if (strlen($json) > self::LARGEST) {
            throw new InvalidWorkbook([new Problem('', null, 'must have at most 10 MB')]);
        }
        $json = str_starts_with($json, "\u{FEFF}") ? substr($json, 3) : $json;
        try {
            $document = json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw new InvalidWorkbook([new Problem('', null, 'must be a JSON document: ' . lcfirst($error->getMessage()))]);
        }
        if (!$document instanceof \stdClass) {
            throw new InvalidWorkbook([new Problem('', null, 'must be a JSON object with "gondrik": 1')]);
        }

        return $this->fromData($document, [...TextCheck::problems($document), ...(new SchemaCheck())->problems($document)]);
    }

    /**
     * The same for data that this codec has written before and that was stored since: its shape is known to be good.
     *
     * @throws InvalidWorkbook when its parts do not go together
     */
    public function readStored(\stdClass $document): Workbook
    {
        return $this->fromData($document, []);
    }

    /**
     * The document as text: two spaces a level and a newline at the end, or all on one line where it would be too large to be
     * read again otherwise.
     */
    public function write(Workbook $workbook): string
    {
        $data = $this->toData($workbook);
        $flags = JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;
        $json = json_encode($data, JSON_PRETTY_PRINT | $flags);
        // A note may have line breaks, but in JSON they are escaped: what begins a line here is its indent.
        $text = preg_replace_callback('~^ +~m', static fn(array $indent): string => substr($indent[0], 0, intdiv(strlen($indent[0]), 2)), $json) . "\n";

        return strlen($text) > self::LARGEST ? json_encode($data, $flags) . "\n" : $text;
    }

    /** Bytes that it takes at the least, to be held against LARGEST. */
    public function leastSize(\stdClass $document): int
    {
        return strlen(json_encode($document, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)) + 1;
    }

    public function toData(Workbook $workbook): \stdClass
    {
        return (object) ['gondrik' => self::FORMAT, ...get_object_vars((new ObjectCodec())->write($workbook))];
    }

    /**
     * @param list<Problem> $problems of its shape; what has one is left aside, all else is read on
     *
     * @throws InvalidWorkbook
     */
    private function fromData(\stdClass $document, array $problems): Workbook
    {
        $reading = new WorkbookReading($problems);
        foreach (WorkbookList::cases() as $list) {
            $reading->readList($list, $document->{$list->value} ?? []);
        }
        $reading->readLog($document->log ?? []);
        $houseRules = isset($document->houseRules) ? $reading->readOne(RuleChoice::class, $document->houseRules, 'houseRules') : null;
        $title = $document->title ?? null;
        $found = [...$reading->problems(), ...$title === null || is_string($title) || $problems !== [] ? [] : [new Problem('title', null, 'must be text')]];
        if ($found !== []) {
            throw new InvalidWorkbook($found);
        }

        $lists = [];
        foreach (WorkbookList::cases() as $list) {
            $lists[$list->isOfRegister()][$list->value] = $reading->all($list->class());
        }

        /** @var array{array{wires: list<Wire>}, array{people: list<Person>}} $lists each list of what it holds, as WorkbookList has it */
        return new Workbook($title, $houseRules, ...$lists[0], register: new Register(...$lists[1], log: $reading->all(Entry::class)));
    }
}
