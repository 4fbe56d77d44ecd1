<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SheetFileRequest;
use App\Http\Requests\SheetRequest;
use App\Lines\ShopWords;
use App\Reading\Names;
use App\Reading\ShopWorkbook;
use App\Sheets\SheetFile;
use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Output\SheetWriter;
use Gondrik\Core\Sheet\SheetReader;
use Gondrik\Core\Sheet\WorkHeadings;
use Illuminate\Http\JsonResponse;

/** Tables of work that people bring: first their rows, then what the rows say as lines. Nothing is written here. */
final class SheetController extends Controller
{
    public function __construct(private readonly ShopWords $words) {}

    /** The rows of a file, where its head is, and what its columns seem to say. */
    public function rows(SheetFileRequest $request, SheetFile $files): JsonResponse
    {
        $table = $files->read($request->path(), $request->name(), $request->sheet());
        $headings = new WorkHeadings($this->words->columns($this->shop($request)));
        $head = Mapping::headOf($headings, $table['rows']);

        return $this->json([...$table, 'head' => $head, 'columns' => SheetWriter::columns($head === null ? null : Mapping::recognised($headings, $table['rows'][$head]))]);
    }

    /** What rows say as lines of a scope, and how the kit in hand judges them. */
    public function read(SheetRequest $request, ShopWorkbook $workbooks, string $scope): JsonResponse
    {
        $shop = $this->shop($request);
        $workbook = $workbooks->forEntry($shop, $scope, $request->kit());
        $mapping = $request->mapping();
        $readings = (new SheetReader($workbook->wires, $workbook->terminals, $this->words->aliases($shop)))->read($mapping, $request->rows());

        $sheet = (new SheetWriter($request->units()))->sheet($mapping, $readings, $workbook->rulesFor($workbook->scopes[0]), isset($workbook->kits[0]) ? $workbook->onPaper($workbook->kits[0]) : null);

        return $this->json([...$sheet, 'names' => Names::ofEnds($workbook, $sheet)]);
    }
}
