<?php

declare(strict_types=1);

namespace App\Reading;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\RegisterList;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

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
        foreach (RegisterList::cases() as $list) {
            if ($coming->register->{$list->value} !== []) {
                throw new InvalidWorkbook([new Problem($list->value, null, 'is not kept here yet: people, things by their tags and the log are answered on the command line; take the list out to bring in the rest')]);
            }
        }
        $merging = new MergedWorkbook($this->codec->toData($has), $this->codec->toData($coming));
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
}
