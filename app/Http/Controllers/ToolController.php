<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ThingsById;
use App\Models\Shop;
use App\Workbook\ShopWorkbook;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Ruler\ToolRuler;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class ToolController extends Controller
{
    public function __construct(private readonly ShopWorkbook $workbooks) {}

    /** Every tool of the shop, the kits it is in, and what it reaches along the sizes. */
    public function index(Request $request): JsonResponse
    {
        $workbook = $this->workbooks->tools($this->shop($request));
        $kits = [];
        foreach ($workbook->kits as $kit) {
            foreach ($kit->tools as $entry) {
                $kits[$entry->tool->id][] = ['id' => $kit->id, 'name' => $kit->name, 'count' => $entry->count];
            }
        }
        $written = (new ThingsById(withCosts: Gate::allows('export', Shop::class)))->tools($workbook);
        $rulers = new RulerWriter();
        $tools = [];
        foreach ($workbook->tools as $tool) {
            $tools[] = ['id' => $tool->id, 'tool' => $written[$tool->id], 'kits' => $kits[$tool->id] ?? [], 'lanes' => $rulers->lanes(ToolRuler::of($tool))];
        }

        return new JsonResponse(['data' => $tools, 'ticks' => $rulers->ticks()], options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
