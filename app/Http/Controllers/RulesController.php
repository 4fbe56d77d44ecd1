<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\Change;
use App\History\Event;
use App\History\Place;
use App\Http\Requests\RulesRequest;
use App\Models\Shop;
use App\Planning\ShopRules;
use App\Writing\ShopChanges;
use App\Writing\ShopStore;
use App\Writing\Written;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** What the house judges by. */
final class RulesController extends Controller
{
    public function __construct(private readonly ShopRules $rules) {}

    public function show(Request $request): JsonResponse
    {
        $shop = $this->shop($request);

        // Who did what is told to those who may see the history.
        return $this->json([...$this->rules->of($shop), 'changes' => Gate::allows('export', Shop::class) ? $this->rules->changes($shop) : null]);
    }

    /** What another answer would do to every kit, before it is given. */
    public function tried(RulesRequest $request): JsonResponse
    {
        try {
            return $this->json($this->rules->tried($this->shop($request), $request->saidRules(), $request->day()));
        } catch (InvalidWorkbook $refused) {
            throw $refused->seenFrom(static fn(string $path): string => str_starts_with($path, 'rules') ? $path : 'rules/' . $path);
        }
    }

    /** Answers some questions anew; null takes an answer back, and what is not said stays. */
    public function set(Request $request, ShopStore $store, ShopChanges $changes): Response
    {
        $said = self::item($request, 'rules');
        if ((array) $said === []) {
            throw new InvalidWorkbook([new Problem('rules', null, 'must answer at least one question')]);
        }

        return $this->gone($store->change($this->shop($request), function (Shop $locked) use ($said, $changes): Written {
            $present = $changes->present($locked, Place::rules());
            $next = $this->rules->merged($present ?? new \stdClass(), $said);

            return $changes->write($locked, Event::Changed, [new Change(Place::rules(), $present, (array) $next === [] ? null : $next)]);
        }));
    }
}
