<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AliasRequest;
use App\Http\Requests\ColumnNamesRequest;
use App\Lines\ShopWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The words of a shop: what it calls its wires and terminals, and the columns of its tables. */
final class WordController extends Controller
{
    public function __construct(private readonly ShopWords $words) {}

    public function aliases(Request $request): JsonResponse
    {
        $rows = $this->words->rows($this->shop($request))->map(static fn(array $row): array => ['alias' => $row['row'], 'words' => $row['alias']->words, 'about' => $row['alias']->about, 'id' => $row['alias']->id]);

        return $this->json(['data' => array_values($rows->all())]);
    }

    public function call(AliasRequest $request): Response
    {
        $written = $this->words->call($this->shop($request), $request->alias());

        return $written === null ? new Response(status: 204) : $this->gone($written);
    }

    public function forget(Request $request, string $alias): Response
    {
        return $this->gone($this->words->forget($this->shop($request), (int) $alias));
    }

    public function nameColumns(ColumnNamesRequest $request): Response
    {
        $this->words->nameColumns($this->shop($request), $request->columns());

        return new Response(status: 204);
    }
}
