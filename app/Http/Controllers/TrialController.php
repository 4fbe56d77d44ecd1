<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TrialRequest;
use App\Models\Shop;
use App\Workbook\ShopChanges;
use App\Workbook\ShopWorkbook;
use App\Workbook\ThingReader;
use Gondrik\Core\Output\CatalogueWriter;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Output\TrialWriter;
use Gondrik\Core\Ruler\ToolRuler;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Trial\Trial;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Http\JsonResponse;

/** What a wire, terminal or tool would be to the rest of the shop while it is drawn; nothing is written. */
final class TrialController extends Controller
{
    /** So many of each list are tried, the first: the answer follows a hand that drags. */
    private const MOST = 100;

    public function __construct(private readonly ThingReader $reader, private readonly ShopWorkbook $shops) {}

    public function tool(TrialRequest $request): JsonResponse
    {
        $shop = $this->shop($request);
        $tool = $this->draft($request, $shop, WorkbookList::Tools);
        assert($tool instanceof Tool);
        $catalogue = $this->shops->forTrial($shop, self::MOST, self::MOST, 0);
        $tried = $this->trial($catalogue)->ofTool($tool, $catalogue->wires, $catalogue->terminals);

        return $this->json([
            'operations' => (new TrialWriter($request->units()))->ofTool($tried),
            'lanes' => (new RulerWriter($request->units()))->lanes(ToolRuler::of($tool)),
            'names' => ['wires' => (object) array_column($catalogue->wires, 'name', 'id'), 'terminals' => (object) array_column($catalogue->terminals, 'name', 'id')],
        ]);
    }

    public function wire(TrialRequest $request): JsonResponse
    {
        $shop = $this->shop($request);
        $wire = $this->draft($request, $shop, WorkbookList::Wires);
        assert($wire instanceof Wire);
        $catalogue = $this->shops->forTrial($shop, 0, 0, self::MOST);

        return $this->json([
            'area' => $wire->size->area,
            'diameters' => CatalogueWriter::diameters($wire),
            'tried' => (new TrialWriter($request->units()))->each($this->trial($catalogue)->ofWire($wire, $catalogue->tools)),
        ]);
    }

    public function terminal(TrialRequest $request): JsonResponse
    {
        $shop = $this->shop($request);
        $terminal = $this->draft($request, $shop, WorkbookList::Terminals);
        assert($terminal instanceof Terminal);
        $catalogue = $this->shops->forTrial($shop, self::MOST, 0, self::MOST);
        $trial = $this->trial($catalogue);
        $writer = new TrialWriter($request->units());

        return $this->json([
            'span' => ['from' => $terminal->size->from, 'to' => $terminal->size->to],
            'wires' => array_map(static fn(Wire $wire): array => [
                'id' => $wire->id,
                'name' => $wire->name,
                'area' => $wire->size->area,
                'checks' => $writer->checks($trial->checksOf($wire, $terminal)),
            ], array_values(array_filter($catalogue->wires, static fn(Wire $wire): bool => $terminal->size->standingOf($wire->size)->isInside()))),
            'tried' => $writer->each($trial->ofTerminal($terminal, $catalogue->wires, $catalogue->tools)),
        ]);
    }

    private function trial(Workbook $catalogue): Trial
    {
        return new Trial(HouseRules::inForce($catalogue->houseRules, null));
    }

    /**
     * What is drawn may not have been named yet.
     *
     * @throws InvalidWorkbook with every problem, below "wire", "terminal" or "tool"
     */
    private function draft(TrialRequest $request, Shop $shop, WorkbookList $list): Wire|Terminal|Tool
    {
        $item = self::item($request, $list->one());
        $item->id ??= 'draft';
        $item->name = ($item->name ?? '') === '' ? 'Draft' : $item->name;
        try {
            $thing = $this->reader->read($shop, $list, [$item], replaces: false)[0];
        } catch (InvalidWorkbook $error) {
            throw ShopChanges::ofTheOnlyOne($error);
        }
        assert($thing instanceof Wire || $thing instanceof Terminal || $thing instanceof Tool);

        return $thing;
    }
}
