<?php

declare(strict_types=1);

namespace Tests\Support;

/** The least that an XLSX or ODS file can be, by the published formats (ECMA-376, OASIS OpenDocument 1.2). */
final class OfficeFile
{
    /**
     * @param list<array<string|int|float>> $rows   text and numbers; a number below a head "day" is one of the calendar. "=A1" is a
     *                                              formula without a value, and as a key one with this value
     * @param int                           $sheets so many, all with these rows from this one on
     *
     * @return string its path
     */
    public static function xlsx(array $rows, int $sheets = 1, int $first = 1): string
    {
        $sheet = '';
        foreach ($rows as $row => $cells) {
            $sheet .= '<row r="' . ($row + 1) . '">';
            foreach (array_keys($cells) as $column => $key) {
                $value = $cells[$key];
                $at = chr(65 + $column) . ($row + 1);
                $style = $row > 0 && (array_values($rows[0])[$column] ?? null) === 'day' ? ' s="1"' : '';
                $sheet .= match (true) {
                    is_string($key) && str_starts_with($key, '=') => '<c r="' . $at . '"><f>' . htmlspecialchars(substr($key, 1), ENT_XML1) . '</f><v>' . $value . '</v></c>',
                    is_string($value) && str_starts_with($value, '=') => '<c r="' . $at . '"><f>' . htmlspecialchars(substr($value, 1), ENT_XML1) . '</f></c>',
                    is_string($value) => '<c r="' . $at . '" t="inlineStr"><is><t xml:space="preserve">' . htmlspecialchars($value, ENT_XML1) . '</t></is></c>',
                    default => '<c r="' . $at . '"' . $style . '><v>' . $value . '</v></c>',
                };
            }
            $sheet .= '</row>';
        }
        $main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
        $office = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $package = 'http://schemas.openxmlformats.org/package/2006/';

        $numbers = range(1, $sheets);
        $each = static fn(string $pattern): string => implode('', array_map(static fn(int $number): string => str_replace(['#', '@'], [(string) $number, $number === 1 ? '' : ' ' . $number], $pattern), $numbers));
        $parts = [];
        foreach ($numbers as $number) {
            $parts['xl/worksheets/sheet' . $number . '.xml'] = '<worksheet xmlns="' . $main . '"><sheetData>' . ($number < $first ? '' : $sheet) . '</sheetData></worksheet>';
        }

        return self::archive([
            '[Content_Types].xml' => '<Types xmlns="' . $package . 'content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/>' . $each('<Override PartName="/xl/worksheets/sheet#.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/>') . '<Override PartName="/xl/styles.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.styles+xml"/></Types>',
            '_rels/.rels' => '<Relationships xmlns="' . $package . 'relationships"><Relationship Id="r1" Type="' . $office . '/officeDocument" Target="xl/workbook.xml"/></Relationships>',
            'xl/workbook.xml' => '<workbook xmlns="' . $main . '" xmlns:r="' . $office . '"><sheets>' . $each('<sheet name="Parts@" sheetId="#" r:id="r#"/>') . '</sheets></workbook>',
            'xl/_rels/workbook.xml.rels' => '<Relationships xmlns="' . $package . 'relationships">' . $each('<Relationship Id="r#" Type="' . $office . '/worksheet" Target="worksheets/sheet#.xml"/>') . '<Relationship Id="styles" Type="' . $office . '/styles" Target="styles.xml"/></Relationships>',
            'xl/styles.xml' => '<styleSheet xmlns="' . $main . '"><fonts count="1"><font/></fonts><fills count="1"><fill/></fills><borders count="1"><border/></borders><cellStyleXfs count="1"><xf/></cellStyleXfs><cellXfs count="2"><xf/><xf numFmtId="16" applyNumberFormat="1"/></cellXfs></styleSheet>',
            ...$parts,
        ]);
    }

    /**
     * @param list<list<string|int|float>> $rows
     * @param int                          $rowsAlike  how often each row says that it is repeated
     * @param int                          $cellsAlike how often each cell does
     *
     * @return string its path
     */
    public static function ods(array $rows, int $rowsAlike = 1, int $cellsAlike = 1): string
    {
        $table = '';
        $repeated = static fn(string $what, int $times): string => $times === 1 ? '' : ' table:number-' . $what . '-repeated="' . $times . '"';
        foreach ($rows as $cells) {
            $table .= '<table:table-row' . $repeated('rows', $rowsAlike) . '>';
            foreach ($cells as $value) {
                $text = '<text:p>' . htmlspecialchars((string) $value, ENT_XML1) . '</text:p>';
                $table .= is_string($value)
                    ? '<table:table-cell office:value-type="string"' . $repeated('columns', $cellsAlike) . '>' . $text . '</table:table-cell>'
                    : '<table:table-cell office:value-type="float" office:value="' . $value . '">' . $text . '</table:table-cell>';
            }
            $table .= '</table:table-row>';
        }
        $urn = 'urn:oasis:names:tc:opendocument:xmlns:';
        $type = 'application/vnd.oasis.opendocument.spreadsheet';

        return self::archive([
            'mimetype' => $type,
            'META-INF/manifest.xml' => '<manifest:manifest xmlns:manifest="' . $urn . 'manifest:1.0"><manifest:file-entry manifest:full-path="/" manifest:media-type="' . $type . '"/></manifest:manifest>',
            'meta.xml' => '<office:document-meta xmlns:office="' . $urn . 'office:1.0" office:version="1.2"><office:meta/></office:document-meta>',
            'styles.xml' => '<office:document-styles xmlns:office="' . $urn . 'office:1.0" xmlns:style="' . $urn . 'style:1.0" xmlns:table="' . $urn . 'table:1.0" xmlns:text="' . $urn . 'text:1.0" xmlns:number="' . $urn . 'datastyle:1.0" office:version="1.2"><office:styles/><office:automatic-styles/><office:master-styles/></office:document-styles>',
            'content.xml' => '<office:document-content xmlns:office="' . $urn . 'office:1.0" xmlns:table="' . $urn . 'table:1.0" xmlns:text="' . $urn . 'text:1.0" office:version="1.2"><office:body><office:spreadsheet><table:table table:name="Parts">' . $table . '</table:table></office:spreadsheet></office:body></office:document-content>',
        ]);
    }

    /**
     * The same with one part put out of shape.
     *
     * @param \Closure(string): string $changed
     */
    public static function with(string $path, string $part, \Closure $changed): string
    {
        $archive = new \ZipArchive();
        $archive->open($path);
        $archive->addFromString($part, $changed((string) $archive->getFromName($part)));
        $archive->close();

        return $path;
    }

    /** @param array<string, string> $parts by their names in the archive */
    public static function archive(array $parts): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'office');
        register_shutdown_function(static fn(): bool => is_file($path) && unlink($path));
        $archive = new \ZipArchive();
        $archive->open($path, \ZipArchive::OVERWRITE);
        foreach ($parts as $name => $content) {
            $archive->addFromString($name, (str_ends_with($name, 'mimetype') ? '' : '<?xml version="1.0" encoding="UTF-8"?>') . $content);
            $archive->setCompressionName($name, $name === 'mimetype' ? \ZipArchive::CM_STORE : \ZipArchive::CM_DEFLATE);
        }
        $archive->close();

        return $path;
    }
}
