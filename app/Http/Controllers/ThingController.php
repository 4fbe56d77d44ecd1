<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PageRequest;
use App\Http\Requests\ProposalRequest;
use App\Workbook\Things;
use Gondrik\Core\Entry\Proposal;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Wires, terminals, tools, kits and scopes, one by one; the route says of which list. */
final class ThingController extends Controller
{
    public function __construct(private readonly Things $things) {}

    public function index(PageRequest $request): JsonResponse
    {
        return $this->json($this->things->page($this->shop($request), self::list($request), $request->most(), $request->search(), $request->sort()));
    }

    public function show(Request $request, string $id): JsonResponse
    {
        $thing = $this->things->one($this->shop($request), self::list($request), $id);

        return $this->json($thing, headers: ['ETag' => '"' . $thing['version'] . '"']);
    }

    public function store(Request $request): JsonResponse
    {
        $list = self::list($request);

        return $this->written($this->things->add($this->shop($request), $list, self::item($request, $list->one())), 201);
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

    /** What a wire or terminal would be that is called so; nothing is written. */
    public function propose(ProposalRequest $request): JsonResponse
    {
        $proposal = $request->isAboutWire() ? Proposal::ofWire($request->text()) : Proposal::ofTerminal($request->text());

        return $this->json(['says' => $proposal->says, 'missing' => $proposal->missing, 'unknown' => $proposal->unknown]);
    }

    private static function list(Request $request): WorkbookList
    {
        return WorkbookList::from((string) $request->route()?->defaults['list']);
    }
}
