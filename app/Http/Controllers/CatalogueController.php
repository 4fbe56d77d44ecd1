<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Workbook\ShopWorkbook;
use App\Workbook\TakingOver;
use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Output\CatalogueWriter;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Ruler\ToolRuler;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The built-in catalogue: looked at, and taken over. */
final class CatalogueController extends Controller
{
    public function index(Request $request, string $list): JsonResponse
    {
        $of = WorkbookList::from($list);
        $has = ShopWorkbook::of($this->shop($request), $of)->pluck('name', 'code');
        $rulers = new RulerWriter();
        $things = [];
        foreach (BuiltIn::read()->things($of) as $builtIn) {
            $thing = $builtIn->thing;
            $things[] = [
                'id' => $thing->id,
                ...CatalogueWriter::builtIn($builtIn),
                // The shop may have one of this id: most often this one, perhaps changed since.
                'has' => isset($has[$thing->id]) ? ['id' => $thing->id, 'name' => $has[$thing->id]] : null,
                ...match (true) {
                    $thing instanceof Tool => ['lanes' => $rulers->lanes(ToolRuler::of($thing))],
                    $thing instanceof Terminal => ['span' => ['from' => $thing->size->from, 'to' => $thing->size->to]],
                    $thing instanceof Wire => ['area' => $thing->size->area],
                },
            ];
        }

        return $this->json(['data' => $things, 'ticks' => $rulers->ticks()]);
    }

    public function take(Request $request, TakingOver $taking, string $list, string $id): JsonResponse
    {
        return $this->written($taking->take($this->shop($request), WorkbookList::from($list), $id), 201);
    }
}
