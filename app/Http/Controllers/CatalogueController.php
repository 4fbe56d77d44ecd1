<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CoverageRequest;
use App\Http\Requests\PageRequest;
use App\Http\Requests\PriceRequest;
use App\Http\Requests\ShelfRequest;
use App\Http\Resources\ThingsPage;
use App\Planning\ClosingTools;
use App\Reading\ShopWorkbook;
use App\Things\TakingOver;
use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Catalogue\BuiltInThing;
use Gondrik\Core\Entry\SoughtWords;
use Gondrik\Core\Output\PlanWriter;
use Gondrik\Core\Output\ThingWriter;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Http\JsonResponse;

/** The built-in catalogue: looked at, and taken over. */
final class CatalogueController extends Controller
{
    /** Of a search only what it finds, in the words that people say. */
    public function index(PageRequest $request, string $list): JsonResponse
    {
        $of = WorkbookList::from($list);
        $has = ShopWorkbook::of($this->shop($request), $of)->pluck('name', 'code')->all();

        $sought = SoughtWords::of((string) $request->search());
        $found = array_filter(BuiltIn::read()->things($of), static fn(BuiltInThing $one): bool => $sought === [] || SoughtWords::isIn((string) json_encode(ThingWriter::builtIn($one)['thing'], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), $sought));

        return $this->json((new ThingsPage())->ofShelf(array_values($found), $has));
    }

    /** Tools of the shelf that would do what the kit in hand leaves open of a scope. */
    public function closing(CoverageRequest $request, ShopWorkbook $workbooks): JsonResponse
    {
        $pair = $workbooks->pair($this->shop($request), $request->kit(), $request->scope());

        return $this->json(['offers' => (new PlanWriter())->unpriced(ClosingTools::of($pair))]);
    }

    public function take(PriceRequest $request, TakingOver $taking, string $list, string $id): JsonResponse
    {
        return $this->written($taking->take($this->shop($request), WorkbookList::from($list), [$id], $this->person($request), $request->price()), 201);
    }

    /** Many at once, in one step of the history. */
    public function takeAll(ShelfRequest $request, TakingOver $taking, string $list): JsonResponse
    {
        $written = $taking->take($this->shop($request), WorkbookList::from($list), $request->ids(), $this->person($request));

        return $this->json(['change' => $written->entry, 'count' => count($written->things)], headers: self::entry($written));
    }
}
