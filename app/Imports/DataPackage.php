<?php

declare(strict_types=1);

namespace App\Imports;

use Gondrik\Core\Package\PackageReader;
use Gondrik\Core\Package\PackageWriter;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/** A whole shop as a zip of tables that says what they are: a Tabular Data Package, for spreadsheets and for whatever else reads such. */
final readonly class DataPackage
{
    private const SIGNATURE = "PK\x03\x04";

    private const MOST_FILES = 100;

    /** Bytes that all files together may have once they are unpacked. */
    private const LARGEST = 2 * WorkbookCodec::LARGEST;

    public function __construct(private WorkbookCodec $codec, private PackageWriter $writer, private PackageReader $reader) {}

    public function zip(Workbook $workbook): string
    {
        return self::scratch(function (string $path) use ($workbook): string {
            $archive = new \ZipArchive();
            $archive->open($path, \ZipArchive::OVERWRITE);
            foreach ($this->writer->files(json_decode($this->codec->write($workbook), flags: JSON_THROW_ON_ERROR)) as $name => $content) {
                $archive->addFromString($name, $content);
            }
            $archive->close();

            return (string) file_get_contents($path);
        });
    }

    public static function isOne(string $content): bool
    {
        return str_starts_with($content, self::SIGNATURE);
    }

    /**
     * @return string the workbook that it says, not looked at yet
     *
     * @throws InvalidWorkbook naming file, row and column
     */
    public function workbook(string $content): string
    {
        return json_encode($this->reader->workbook(self::files($content)), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, string> */
    private static function files(string $content): array
    {
        return self::scratch(static function (string $path) use ($content): array {
            file_put_contents($path, $content);
            $archive = new \ZipArchive();
            if ($archive->open($path, \ZipArchive::RDONLY) !== true || $archive->numFiles > self::MOST_FILES) {
                throw new InvalidWorkbook([new Problem('', null, 'must be a zip of at most ' . self::MOST_FILES . ' tables and datapackage.json')]);
            }
            $files = [];
            $left = self::LARGEST;
            for ($at = 0; $at < $archive->numFiles; $at++) {
                $name = (string) $archive->getNameIndex($at);
                // What a file says of its own size need not be so: no more is unpacked than there is room for.
                $text = (string) $archive->getFromIndex($at, $left + 1);
                $left -= strlen($text);
                if ($left < 0) {
                    throw new InvalidWorkbook([new Problem($name, null, 'must fit: all tables together have at most ' . intdiv(self::LARGEST, 1024 * 1024) . ' MB')]);
                }
                if (preg_match('~\.(?:csv|json)$~D', $name) === 1) {
                    $files[$name] = mb_check_encoding($text, 'UTF-8') ? $text : throw new InvalidWorkbook([new Problem($name, null, 'must be text as UTF-8 has it')]);
                }
            }

            return $files;
        });
    }

    /**
     * @template Made
     *
     * @param \Closure(string): Made $make with the path of a file that is gone afterwards
     *
     * @return Made
     */
    private static function scratch(\Closure $make): mixed
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'package');
        try {
            return $make($path);
        } finally {
            @unlink($path);
        }
    }
}
