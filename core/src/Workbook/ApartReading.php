<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

/** Reads items that stand side by side in one document so that what is wrong with one does not touch another. */
final readonly class ApartReading
{
    public function __construct(private WorkbookCodec $codec = new WorkbookCodec()) {}

    /**
     * @param array<int, \stdClass>                           $items    as the workbook writes them; by whatever key the caller has
     * @param \Closure(list<\stdClass>): array<string, mixed> $document that has the items in a list of it
     * @param string                                          $path     of that list: "wires", "scopes/0/lines"
     * @param \Closure(Workbook): list<object>                $list     the same in the workbook
     *
     * @return array{array<int, object>, array<int, list<Problem>>} the sound ones, and of the others every problem, with its path below the item; by the same keys
     *
     * @throws InvalidWorkbook when it is not about an item: the whole is too large
     */
    public function read(array $items, \Closure $document, string $path, \Closure $list): array
    {
        $problems = [];
        // A document tells so many problems at most, and ids may be doubled: it is read until nothing more is wrong.
        while ($items !== []) {
            $keys = array_keys($items);
            try {
                $workbook = $this->codec->read(json_encode(['gondrik' => 1, ...$document(array_values($items))], JSON_THROW_ON_ERROR));

                return [array_combine($keys, array_slice($list($workbook), 0, count($keys))), $problems];
            } catch (InvalidWorkbook $error) {
                foreach ($error->problems as $problem) {
                    $key = preg_match('~^' . preg_quote($path, '~') . '/(\d+)(?:/|$)(.*)$~sD', $problem->path, $at) === 1 ? $keys[(int) $at[1]] ?? null : null;
                    if ($key === null) {
                        throw $error;
                    }
                    $problems[$key][] = new Problem($at[2], $problem->value, str_replace('of the workbook', 'of the shop', $problem->expected));
                    unset($items[$key]);
                }
            }
        }

        return [[], $problems];
    }
}
