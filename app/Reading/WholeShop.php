<?php

declare(strict_types=1);

namespace App\Reading;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Gondrik\Core\Workbook\WorkbookReading;

/** A shop must stay a workbook, whatever comes into it. */
final readonly class WholeShop
{
    public function __construct(private WorkbookCodec $codec = new WorkbookCodec()) {}

    /**
     * A changed terminal may break a line that is not in what comes: the shop as it would be is read as a whole.
     *
     * @throws InvalidWorkbook with places in what comes
     */
    public function refuseWhatBreaks(Workbook $has, Workbook $coming): void
    {
        [$shop, $file] = [$this->codec->toData($has), $this->codec->toData($coming)];
        self::refuseAnotherPast($shop, $file);
        $merging = new MergedWorkbook($shop, $file);
        $size = $this->codec->leastSize($merging->document);
        if ($size > WorkbookCodec::LARGEST) {
            // What could not leave again as a workbook does not come in.
            throw new InvalidWorkbook([new Problem('', null, sprintf('with it the shop would have %.1f MB, and a workbook has at most 10 MB', $size / 1024 / 1024))]);
        }
        if ($merging->isTheFileAlone) {
            return;
        }
        try {
            $this->codec->readStored($merging->document);
        } catch (InvalidWorkbook $invalid) {
            throw new InvalidWorkbook(array_map($merging->inTheFile(...), $invalid->problems));
        }
    }

    /** @throws InvalidWorkbook where an entry of the log is another than the shop's of the same id */
    private static function refuseAnotherPast(\stdClass $shop, \stdClass $file): void
    {
        $known = array_column($shop->log ?? [], null, 'id');
        $problems = [];
        foreach ($file->log ?? [] as $index => $entry) {
            if (isset($known[$entry->id]) && json_encode($known[$entry->id]) !== json_encode($entry)) {
                $problems[] = new Problem(WorkbookReading::LOG . '/' . $index . '/id', $entry->id, 'an entry that the shop has not, or the same as it has: what has happened is not changed. Void that one, and write this under an id of its own');
            }
        }
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
    }
}
