<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Imports\DataPackage;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final class WorkbookController extends Controller
{
    /** The whole shop as a workbook. */
    public function show(Request $request, ShopWorkbook $workbooks, WorkbookCodec $codec): Response
    {
        $workbook = $workbooks->whole($this->shop($request));

        return self::file($workbook, $codec->write($workbook), 'application/json; charset=utf-8', 'json');
    }

    /** The same as a zip of tables. */
    public function package(Request $request, ShopWorkbook $workbooks, DataPackage $packages): Response
    {
        $workbook = $workbooks->whole($this->shop($request));

        return self::file($workbook, $packages->zip($workbook), 'application/zip', 'zip');
    }

    private static function file(Workbook $workbook, string $content, string $type, string $ending): Response
    {
        return new Response($content, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => 'attachment; filename="' . (Str::slug((string) $workbook->title) ?: 'workbook') . '.' . $ending . '"',
        ]);
    }
}
