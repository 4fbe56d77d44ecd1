<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EntryRequest;
use App\Workbook\ScopeLines;
use App\Workbook\ShopWorkbook;
use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Output\EntryWriter;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** The lines of a scope, one by one. */
final class LineController extends Controller
{
    public function __construct(private readonly ShopWorkbook $workbooks, private readonly ScopeLines $lines) {}

    /** What a text says of a line, and how the kit in hand judges it; nothing is written. */
    public function read(EntryRequest $request, string $scope): JsonResponse
    {
        $workbook = $this->workbooks->forEntry($this->shop($request), $scope, $request->kit());
        $entry = (new EntryReader($workbook->wires, $workbook->terminals))->read($request->text());
        $written = (new EntryWriter($request->units()))->entry($entry, $workbook->rulesFor($workbook->scopes[0]), $workbook->kits[0] ?? null);

        return new JsonResponse([...$written, 'names' => self::names($workbook)], options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array{wires: object, terminals: object} names by id, to show what an id stands for */
    private static function names(Workbook $workbook): array
    {
        return ['wires' => (object) array_column($workbook->wires, 'name', 'id'), 'terminals' => (object) array_column($workbook->terminals, 'name', 'id')];
    }

    public function store(Request $request, string $scope): JsonResponse
    {
        $body = json_decode($request->getContent());
        if (!$body instanceof \stdClass) {
            throw new InvalidWorkbook([new Problem('line', null, 'must be a line as the workbook has it, as a JSON object')]);
        }
        $line = $this->lines->add($this->shop($request), $scope, $body);
        $version = ScopeLines::version($line);

        return new JsonResponse(
            [...get_object_vars((new ObjectCodec())->write($line)), 'version' => $version],
            201,
            ['ETag' => '"' . $version . '"'],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public function destroy(Request $request, string $scope, string $line): Response
    {
        $seen = (string) $request->header('If-Match');
        if (preg_match('~^"([0-9a-f]{16})"$~D', $seen, $version) !== 1) {
            throw new HttpException(428, 'Say in If-Match which version of the line you have seen, in quotation marks.');
        }
        $this->lines->remove($this->shop($request), $scope, $line, $version[1]);

        return new Response(status: 204);
    }
}
