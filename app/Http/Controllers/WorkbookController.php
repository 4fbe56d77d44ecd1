<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Reading\ShopWorkbook;
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

        return new Response($codec->write($workbook), 200, [
            'Content-Type' => 'application/json; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="' . (Str::slug((string) $workbook->title) ?: 'workbook') . '.json"',
        ]);
    }
}
