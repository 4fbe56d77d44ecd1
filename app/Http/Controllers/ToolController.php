<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PageRequest;
use App\Http\Resources\ThingsPage;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use App\Things\Things;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class ToolController extends Controller
{
    public function __construct(private readonly Things $things, private readonly ShopWorkbook $workbooks) {}

    /** A page of the shop's tools, the kits each is in, and what it reaches along the sizes. */
    public function index(PageRequest $request): JsonResponse
    {
        $shop = $this->shop($request);
        [$page, $next] = $this->things->page($shop, WorkbookList::Tools, $request->most(), $request->search(), $request->sort());

        return $this->json((new ThingsPage())->ofTools($page, $this->workbooks->kitsOf($shop, array_column($page, 'id')), Gate::allows('export', Shop::class), $next));
    }
}
