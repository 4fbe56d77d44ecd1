<?php

declare(strict_types=1);

/*
 * Tells the tests of the page, as JSON, what they need of the core: the sizes of the trade, and tools of generated workbooks and of
 * the built-in catalogue.
 */

require dirname(__DIR__, 3) . '/vendor/autoload.php';

use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Tests\Support\GeneratedWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\WorkbookCodec;

$tools = BuiltIn::read()->workbook->tools;
foreach (range(901, 912) as $seed) {
    $tools = [...$tools, ...(new WorkbookCodec())->read(json_encode(GeneratedWorkbook::of($seed), JSON_THROW_ON_ERROR))->tools];
}
echo json_encode(['ticks' => (new RulerWriter())->ticks(), 'tools' => array_map((new ObjectCodec())->write(...), $tools)], JSON_THROW_ON_ERROR);
