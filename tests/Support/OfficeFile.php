<?php

declare(strict_types=1);

namespace Tests\Support;

/** The least that an XLSX or ODS file can be, by the published formats (ECMA-376, OASIS OpenDocument 1.2). */
final class OfficeFile
{
    /**
     * @param list<list<string|int|float>> $rows text and numbers; a number below a head "day" is one of the calendar
     *
     * @return string its path
     */
    public static function xlsx(array $rows): string
    {
        $sheet = '';
        foreach ($rows as $row => $cells) {
            $sheet .= '<row r="' . ($row + 1) . '">';
            foreach ($cells as $column => $value) {
                $at = chr(65 + $column) . ($row + 1);
                $style = $row > 0 && $rows[0][$column] === 'day' ? ' s="1"' : '';
                $sheet .= is_string($value)
                    ? '<c r="' . $at . '" t="inlineStr"><is><t xml:space="preserve">' . htmlspecialchars($value, ENT_XML1) . '</t></is></c>'
                    : '<c r="' . $at . '"' . $style . '><v>' . $value . '</v></c>';
            }
            $sheet .= '</row>';
        }
        $main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
        $office = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $package = 'http://schemas.openxmlformats.org/package/2006/';

        return self::archive([
            '[Content_Types].xml' => '<Types xmlns="' . $package . 'content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/><Override PartName="/xl/styles.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.styles+xml"/></Types>',
            '_rels/.rels' => '<Relationships xmlns="' . $package . 'relationships"><Relationship Id="r1" Type="' . $office . '/officeDocument" Target="xl/workbook.xml"/></Relationships>',
            'xl/workbook.xml' => '<workbook xmlns="' . $main . '" xmlns:r="' . $office . '"><sheets><sheet name="Parts" sheetId="1" r:id="r1"/></sheets></workbook>',
            'xl/_rels/workbook.xml.rels' => '<Relationships xmlns="' . $package . 'relationships"><Relationship Id="r1" Type="' . $office . '/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="r2" Type="' . $office . '/styles" Target="styles.xml"/></Relationships>',
            'xl/styles.xml' => '<styleSheet xmlns="' . $main . '"><fonts count="1"><font/></fonts><fills count="1"><fill/></fills><borders count="1"><border/></borders><cellStyleXfs count="1"><xf/></cellStyleXfs><cellXfs count="2"><xf/><xf numFmtId="16" applyNumberFormat="1"/></cellXfs></styleSheet>',
            'xl/worksheets/sheet1.xml' => '<worksheet xmlns="' . $main . '"><sheetData>' . $sheet . '</sheetData></worksheet>',
        ]);
    }

    /**
     * @param list<list<string|int|float>> $rows
     *
     * @return string its path
     */
    public static function ods(array $rows): string
    {
        $table = '';
        foreach ($rows as $cells) {
            $table .= '<table:table-row>';
            foreach ($cells as $value) {
                $text = '<text:p>' . htmlspecialchars((string) $value, ENT_XML1) . '</text:p>';
                $table .= is_string($value)
                    ? '<table:table-cell office:value-type="string">' . $text . '</table:table-cell>'
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

    /** @param array<string, string> $parts by their names in the archive */
    private static function archive(array $parts): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'office');
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
