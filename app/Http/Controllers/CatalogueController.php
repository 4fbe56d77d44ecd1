<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PriceRequest;
use App\Http\Requests\ShelfRequest;
use App\Http\Resources\ThingsPage;
use App\Reading\ShopWorkbook;
use App\Things\TakingOver;
use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The built-in catalogue: looked at, and taken over. */
final class CatalogueController extends Controller
{
    public function index(Request $request, string $list): JsonResponse
    {
        $of = WorkbookList::from($list);
        $has = ShopWorkbook::of($this->shop($request), $of)->pluck('name', 'code')->all();

        return $this->json((new ThingsPage())->ofShelf(BuiltIn::read()->things($of), $has));
    }

    public function take(PriceRequest $request, TakingOver $taking, string $list, string $id): JsonResponse
    {
        return $this->written($taking->take($this->shop($request), WorkbookList::from($list), [$id], $request->price()), 201);
    }

    /** Many at once, in one step of the history. */
    public function takeAll(ShelfRequest $request, TakingOver $taking, string $list): JsonResponse
    {
        $written = $taking->take($this->shop($request), WorkbookList::from($list), $request->ids());

        return $this->json(['change' => $written->entry, 'count' => count($written->things)], headers: self::entry($written));
    }
}
