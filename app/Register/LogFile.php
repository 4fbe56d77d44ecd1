<?php

declare(strict_types=1);

namespace App\Register;

use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use App\Writing\Written;
use Gondrik\Core\Log\Entry;
use Gondrik\Core\Package\LogTable;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;

/** The log of a shop as a table, and what a table adds to it. */
final readonly class LogFile
{
    /** So many are written at once. */
    private const MOST = 2000;

    public function __construct(private ShopWorkbook $shops, private Logbook $logbook, private ObjectCodec $objects = new ObjectCodec()) {}

    /** @param string|null $reader whose own practice and skills are told of nobody else's; null for all of all */
    public function of(Shop $shop, ?string $reader = null): string
    {
        $isTheirs = static fn(\stdClass $entry): bool => !isset($entry->person) || $reader === null || $entry->person === $reader;

        return LogTable::csv(array_values(array_filter($this->written($shop), $isTheirs)));
    }

    /**
     * What a table has more than the log: rows that the log has already, word for word, are left.
     *
     * @return array<int, \stdClass> entries by the numbers of their rows
     *
     * @throws InvalidWorkbook with every row that would change what was written
     */
    public function news(Shop $shop, string $csv): array
    {
        $known = $this->written($shop);
        $news = $problems = [];
        foreach (LogTable::entries($csv) as $row => $entry) {
            $had = is_string($entry->id ?? null) ? $known[$entry->id] ?? null : null;
            if ($had === null) {
                $news[$row] = $entry;
            } elseif (LogTable::csv([$had]) !== LogTable::csv([(object) array_replace(array_intersect_key(get_object_vars($had), get_object_vars($entry)), get_object_vars($entry))])) {
                $problems[] = new Problem(LogTable::NAME . '/' . $row . '/id', $entry->id, 'an entry that the log has not yet: what was written stays as it is, and what was wrong is voided');
            }
        }
        if (count($news) > self::MOST) {
            $problems[] = new Problem(LogTable::NAME, count($news), 'at most ' . self::MOST . ' new rows at once');
        }

        return $problems === [] ? $news : throw new InvalidWorkbook($problems);
    }

    /**
     * @param non-empty-array<int, \stdClass> $news by the numbers of their rows
     *
     * @throws InvalidWorkbook with every problem, by row and column
     */
    public function write(Shop $shop, array $news): Written
    {
        $rows = array_keys($news);
        try {
            return $this->logbook->write($shop, array_values($news));
        } catch (InvalidWorkbook $error) {
            throw $error->seenFrom(static fn(string $path): string => (string) preg_replace_callback('~^entries/(\d+)~', static fn(array $of): string => LogTable::NAME . '/' . $rows[(int) $of[1]], $path));
        }
    }

    /** @return array<string, \stdClass> as the workbook has them, by their ids */
    private function written(Shop $shop): array
    {
        $log = $this->shops->read($shop, Needs::of()->withRegister())->register->log;

        return array_column(array_map(fn(Entry $entry): \stdClass => $this->objects->write($entry), $log), null, 'id');
    }
}
