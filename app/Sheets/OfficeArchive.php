<?php

declare(strict_types=1);

namespace App\Sheets;

use PhpOffice\PhpSpreadsheet\Cell\Coordinate;

/**
 * A look at an XLSX or ODS file before it is opened: how much is packed into it, and how far its sheets go, by streaming
 * (ECMA-376, Office Open XML; OASIS OpenDocument 1.2). Some kilobytes may claim a million rows.
 */
final class OfficeArchive
{
    /** More rows or columns than any sheet has: whoever says so says that it is too large, and no sum of them leaves the whole numbers. */
    private const BEYOND = 1_000_000;

    private const MOST_ENTRIES = 2_000;

    private const MOST_SHEETS = 50;

    /** Bytes, unpacked: all together, and of one part, which the reader takes into memory at once. */
    private const MOST_UNPACKED = 120_000_000;

    private const MOST_OF_A_PART = 40_000_000;

    private const INSTEAD = 'save the sheet with the work as a file of its own, or as CSV';

    private const RELATIONSHIPS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    public readonly OfficeKind $kind;

    private readonly \ZipArchive $archive;

    private function __construct(private readonly string $path, private readonly string $file)
    {
        $this->archive = new \ZipArchive();
        if ($this->archive->open($path, \ZipArchive::RDONLY) !== true) {
            throw TableRefused::unreadable($file);
        }
        $this->weigh();
        $this->kind = match (true) {
            $this->archive->locateName('content.xml') !== false => OfficeKind::Ods,
            $this->archive->locateName('xl/workbook.xml') !== false => OfficeKind::Xlsx,
            default => throw TableRefused::unreadable($file),
        };
    }

    /** @param string $file its name, for refusals */
    public static function at(string $path, string $file): self
    {
        return new self($path, $file);
    }

    private function weigh(): void
    {
        if ($this->archive->numFiles > self::MOST_ENTRIES) {
            throw TableRefused::beyond($this->file, self::MOST_ENTRIES, 'parts', $this->archive->numFiles, self::INSTEAD);
        }
        $unpacked = 0;
        for ($index = 0; $index < $this->archive->numFiles; $index++) {
            $size = (int) ($this->archive->statIndex($index)['size'] ?? 0);
            $unpacked += $size;
            if ($size > self::MOST_OF_A_PART) {
                throw TableRefused::beyond($this->file, self::MOST_OF_A_PART, 'bytes in one part once it is unpacked', $size, self::INSTEAD);
            }
        }
        if ($unpacked > self::MOST_UNPACKED) {
            throw TableRefused::beyond($this->file, self::MOST_UNPACKED, 'bytes once it is unpacked', $unpacked, self::INSTEAD);
        }
    }

    /** @return array<string, SheetExtent> by the names of the sheets, in their order */
    public function sheets(): array
    {
        return match ($this->kind) {
            OfficeKind::Xlsx => $this->ofXlsx(),
            OfficeKind::Ods => $this->ofOds(),
        };
    }

    /** Whether the sheet may be opened. */
    public function check(SheetExtent $extent): void
    {
        $limits = [['rows', $extent->rows, SheetFile::MOST_ROWS], ['columns', $extent->columns, SheetFile::MOST_COLUMNS], ['cells that say something', $extent->cells, $this->kind->mostCells()]];
        foreach ($limits as [$what, $has, $most]) {
            if ($has > $most) {
                throw TableRefused::beyond($this->file, $most, $what, $has, self::INSTEAD);
            }
        }
    }

    /** @return array<string, SheetExtent> */
    private function ofXlsx(): array
    {
        $targets = [];
        $reader = $this->part('xl/_rels/workbook.xml.rels');
        while ($reader->read()) {
            if ($reader->nodeType === \XMLReader::ELEMENT && $reader->localName === 'Relationship') {
                $target = (string) $reader->getAttribute('Target');
                $targets[(string) $reader->getAttribute('Id')] = str_starts_with($target, '/') ? substr($target, 1) : 'xl/' . $target;
            }
        }
        $parts = [];
        $reader = $this->part('xl/workbook.xml');
        while ($reader->read()) {
            if ($reader->nodeType === \XMLReader::ELEMENT && $reader->localName === 'sheet') {
                $parts[(string) $reader->getAttribute('name')] = $targets[(string) $reader->getAttributeNs('id', self::RELATIONSHIPS)] ?? '';
            }
        }
        $this->fewEnough(count($parts));

        return array_map(fn(string $part): SheetExtent => $part === '' || $this->archive->locateName($part) === false ? new SheetExtent() : $this->ofXlsxPart($part), $parts);
    }

    private function ofXlsxPart(string $part): SheetExtent
    {
        $extent = new SheetExtent();
        $reader = $this->part($part);
        [$row, $column, $place] = [0, 0, null];
        while ($reader->read()) {
            if ($reader->nodeType !== \XMLReader::ELEMENT) {
                continue;
            }
            if ($reader->localName === 'row') {
                $row = min(self::BEYOND, (int) ($reader->getAttribute('r') ?? $row + 1));
                $column = 0;
            } elseif ($reader->localName === 'c') {
                $place = $reader->getAttribute('r');
                $column = $place !== null && preg_match('~^([A-Z]{1,3})\d+$~D', $place, $found) === 1 ? Coordinate::columnIndexFromString($found[1]) : $column + 1;
            } elseif (in_array($reader->localName, ['v', 'is', 'f'], true)) {
                $extent->grow($row, $column, $reader->localName === 'f' ? 0 : 1);
            }
        }

        return $extent;
    }

    /** @return array<string, SheetExtent> */
    private function ofOds(): array
    {
        $sheets = [];
        $extent = new SheetExtent();
        [$row, $rowsAlike, $column] = [0, 1, 0];
        $reader = $this->part('content.xml');
        while ($reader->read()) {
            if ($reader->nodeType !== \XMLReader::ELEMENT) {
                continue;
            }
            if ($reader->name === 'table:table') {
                $extent = $sheets[(string) $reader->getAttribute('table:name')] = new SheetExtent();
                $this->fewEnough(count($sheets));
                [$row, $rowsAlike] = [0, 0];
            } elseif ($reader->name === 'table:table-row') {
                $row += $rowsAlike;
                $rowsAlike = min(self::BEYOND, max(1, (int) ($reader->getAttribute('table:number-rows-repeated') ?? 1)));
                $column = 0;
            } elseif (in_array($reader->name, ['table:table-cell', 'table:covered-table-cell'], true)) {
                $cellsAlike = min(self::BEYOND, max(1, (int) ($reader->getAttribute('table:number-columns-repeated') ?? 1)));
                $column += $cellsAlike;
                if ($reader->getAttribute('office:value-type') !== null || $reader->getAttribute('table:formula') !== null) {
                    $extent->grow($row + $rowsAlike, $column, $cellsAlike * $rowsAlike);
                }
            }
        }

        return $sheets;
    }

    private function fewEnough(int $sheets): void
    {
        if ($sheets > self::MOST_SHEETS) {
            throw TableRefused::beyond($this->file, self::MOST_SHEETS, 'sheets', $sheets, self::INSTEAD);
        }
    }

    private function part(string $name): \XMLReader
    {
        $reader = new \XMLReader();
        if ($this->archive->locateName($name) === false || !@$reader->open('zip://' . $this->path . '#' . $name, flags: LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING)) {
            throw TableRefused::unreadable($this->file);
        }

        return $reader;
    }
}
