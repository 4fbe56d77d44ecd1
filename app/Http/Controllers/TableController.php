<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SheetFileRequest;
use App\Http\Requests\ThingsRequest;
use App\Http\Requests\ThingTableRequest;
use App\Sheets\SheetFile;
use App\Things\ThingTable;
use Gondrik\Core\Cells\Mapping;
use Gondrik\Core\Listing\ThingHeadings;
use Gondrik\Core\Output\SheetWriter;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Wires, terminals, tools, kits, people and things as tables, and the lines of a scope; the route says which. */
final class TableController extends Controller
{
    public function __construct(private readonly ThingTable $tables) {}

    public function show(Request $request, string $list): StreamedResponse
    {
        $sign = $this->decimalSign($request);

        return self::csv($list, $this->tables->written($this->shop($request), WorkbookList::from($list), $sign), $sign);
    }

    public function lines(Request $request, string $scope): StreamedResponse
    {
        $sign = $this->decimalSign($request);

        return self::csv('lines-' . $scope, $this->tables->lines($this->shop($request), $scope, $sign), $sign);
    }

    /** The rows of a file, where its head is, and what its columns seem to say. */
    public function rows(SheetFileRequest $request, SheetFile $files, string $list): JsonResponse
    {
        $headings = new ThingHeadings(ThingTable::class(WorkbookList::from($list)));
        $table = $files->read($request->path(), $request->name(), $request->sheet());
        $head = Mapping::headOf($headings, $table['rows']);

        return $this->json([
            ...$table,
            'head' => $head,
            'columns' => SheetWriter::columns($head === null ? null : Mapping::recognised($headings, $table['rows'][$head])),
            'names' => $headings->known(),
        ]);
    }

    /** What rows say, and what it would do to the shop. */
    public function read(ThingTableRequest $request, string $list): JsonResponse
    {
        $of = WorkbookList::from($list);

        return $this->json(['things' => $this->tables->read($this->shop($request), $of, $request->mapping(ThingTable::class($of)), $request->rows())]);
    }

    public function take(ThingsRequest $request, string $list): JsonResponse
    {
        $written = $this->tables->take($this->shop($request), WorkbookList::from($list), $request->things());

        return $this->json(['change' => $written->entry, 'count' => count($written->things)], headers: self::entry($written));
    }
}
