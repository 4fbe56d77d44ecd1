<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MergeRequest;
use App\Http\Requests\PageRequest;
use App\Http\Requests\ProposalRequest;
use App\Http\Resources\ThingsById;
use App\Http\Resources\ThingsPage;
use App\Models\Shop;
use App\Things\Merging;
use App\Things\OnTheShelf;
use App\Things\Proposals;
use App\Things\Things;
use App\Writing\Uses;
use Gondrik\Core\Entry\Proposal;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** Wires, terminals, tools, kits and scopes, one by one; the route says of which list. */
final class ThingController extends Controller
{
    public function __construct(private readonly Things $things) {}

    /** A page of wires or terminals, each with where it stands along the sizes; or of people or things by their tags. */
    public function index(PageRequest $request): JsonResponse
    {
        [$things, $next] = $this->things->page($this->shop($request), self::list($request), $request->most(), $request->search(), $request->sort());

        $withCosts = Gate::allows('export', Shop::class);

        return $this->json(self::list($request)->isOfRegister()
            ? (new ThingsPage())->ofRegister($things, $withCosts, $next)
            : (new ThingsPage())->ofThings(self::list($request), $things, $withCosts, $next));
    }

    /** Where it is used, and which others say the same of themselves. */
    public function uses(Request $request, Uses $uses, string $list, string $id): JsonResponse
    {
        [$shop, $of] = [$this->shop($request), WorkbookList::from($list)];
        [, $named, $count] = $uses->of($shop, $of, $id);

        return $this->json(['uses' => $named, 'count' => $count, 'alike' => $uses->alike($shop, $of, $id)]);
    }

    /** Two that are one. */
    public function merge(MergeRequest $request, Merging $merging, string $list, string $id): JsonResponse
    {
        $written = $merging->merge($this->shop($request), WorkbookList::from($list), $id, $request->into());

        return $this->json(['change' => $written->entry, 'changed' => count($written->things) - 1], headers: self::entry($written));
    }

    public function show(Request $request, string $id): JsonResponse
    {
        $thing = $this->things->one($this->shop($request), self::list($request), $id);

        $told = (new ThingsById(Gate::allows('export', Shop::class)))->told((object) $thing);

        return $this->json(get_object_vars($told), headers: ['ETag' => '"' . $thing['version'] . '"']);
    }

    public function store(Request $request): JsonResponse
    {
        $list = self::list($request);

        return $this->written($this->things->add($this->shop($request), $list, self::item($request, $list->one()), $this->person($request)), 201);
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $list = self::list($request);

        return $this->written($this->things->replace($this->shop($request), $list, $id, self::seen($request), self::item($request, $list->one())));
    }

    public function destroy(Request $request, string $id): Response
    {
        return $this->gone($this->things->remove($this->shop($request), self::list($request), $id, self::seen($request)));
    }

    /** What was made that the lead has still to look at. */
    public function proposed(Request $request, Proposals $proposals): JsonResponse
    {
        return $this->json(['data' => $proposals->waiting($this->shop($request))]);
    }

    public function confirm(Request $request, Proposals $proposals, string $list, string $id): Response
    {
        return $this->gone($proposals->confirm($this->shop($request), WorkbookList::from($list), $id));
    }

    /** What a wire or terminal would be that is called so; nothing is written. */
    public function propose(ProposalRequest $request, OnTheShelf $shelf): JsonResponse
    {
        $proposal = $request->isAboutWire() ? Proposal::ofWire($request->text()) : Proposal::ofTerminal($request->text());

        return $this->json([...get_object_vars($proposal), 'shelf' => $shelf->calledSo($this->shop($request), $request->isAboutWire() ? 'wire' : 'terminal', $request->text())]);
    }

    private static function list(Request $request): WorkbookList
    {
        return WorkbookList::from((string) $request->route()?->defaults['list']);
    }
}
