<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PageRequest;
use App\Http\Resources\ThingsById;
use App\Models\Shop;
use App\Workbook\ShopWorkbook;
use App\Workbook\Things;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Ruler\ToolRuler;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Workbook\Workbook;
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
        $tools = array_values(array_filter($page, static fn(object $tool): bool => $tool instanceof Tool));
        $kits = $this->workbooks->kitsOf($shop, array_column($tools, 'id'));
        $written = (new ThingsById(withCosts: Gate::allows('export', Shop::class)))->tools(new Workbook(tools: $tools));
        $rulers = new RulerWriter();

        return $this->json([
            'data' => array_map(static fn(Tool $tool): array => ['id' => $tool->id, 'tool' => $written[$tool->id], 'kits' => $kits[$tool->id] ?? [], 'lanes' => $rulers->lanes(ToolRuler::of($tool))], $tools),
            'next' => $next,
            'ticks' => $rulers->ticks(),
        ]);
    }
}
