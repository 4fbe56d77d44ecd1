<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EntryRequest;
use App\Workbook\ScopeLines;
use App\Workbook\ShopWorkbook;
use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Output\EntryWriter;
use Gondrik\Core\Workbook\InvalidWorkbook;
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

        return $this->json([...$written, 'names' => self::names($workbook)]);
    }

    /** @return array{wires: object, terminals: object} names by id, to show what an id stands for */
    private static function names(Workbook $workbook): array
    {
        return ['wires' => (object) array_column($workbook->wires, 'name', 'id'), 'terminals' => (object) array_column($workbook->terminals, 'name', 'id')];
    }

    /** Every line with its version, for whoever is going to change some. */
    public function index(Request $request, string $scope): JsonResponse
    {
        return $this->json(['data' => $this->lines->all($this->shop($request), $scope)]);
    }

    public function store(Request $request, string $scope): JsonResponse
    {
        // Empty is the first place, and not the same as nothing.
        $after = $request->query->has('after') ? (string) $request->query->get('after') : null;

        return $this->kept($this->lines->add($this->shop($request), $scope, self::line($request), $after), 201);
    }

    public function update(Request $request, string $scope, string $line): JsonResponse
    {
        return $this->kept($this->lines->replace($this->shop($request), $scope, $line, self::version($request), self::line($request)));
    }

    public function destroy(Request $request, string $scope, string $line): Response
    {
        $this->lines->remove($this->shop($request), $scope, $line, self::version($request));

        return new Response(status: 204);
    }

    private static function line(Request $request): \stdClass
    {
        $body = json_decode($request->getContent());

        return $body instanceof \stdClass ? $body : throw new InvalidWorkbook([new Problem('line', null, 'must be a line as the workbook has it, as a JSON object')]);
    }

    private static function version(Request $request): string
    {
        return preg_match('~^"([0-9a-f]{16})"$~D', (string) $request->header('If-Match'), $version) === 1
            ? $version[1]
            : throw new HttpException(428, 'Say in If-Match which version of the line you have seen, in quotation marks.');
    }

    /** @param array<string, mixed> $line as it was written, with its version */
    private function kept(array $line, int $status = 200): JsonResponse
    {
        return $this->json($line, $status, ['ETag' => '"' . $line['version'] . '"']);
    }

    /**
     * @param array<string, mixed>  $data
     * @param array<string, string> $headers
     */
    private function json(array $data, int $status = 200, array $headers = []): JsonResponse
    {
        return new JsonResponse($data, $status, $headers, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
