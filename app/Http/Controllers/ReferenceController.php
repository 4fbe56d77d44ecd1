<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\ApiDescription;
use Gondrik\Core\Bench\Asked;
use Gondrik\Core\Bench\Calculation;
use Gondrik\Core\Bench\Calculator;
use Gondrik\Core\Output\FigureWriter;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Reference\Tables;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** What describes the API and its words, and what can be looked up and reckoned, for anybody. */
final class ReferenceController extends Controller
{
    public function reasons(): JsonResponse
    {
        return new JsonResponse(['data' => array_map(static fn(ReasonCode $code): array => ['code' => $code->value, 'meaning' => Sentence::meaning($code)], ReasonCode::cases())]);
    }

    /** Every code with an example, as the tests have made it, and what its little ruler draws. */
    public function examples(): JsonResponse
    {
        return $this->json([
            'ticks' => (new RulerWriter())->ticks(),
            'data' => json_decode((string) file_get_contents(base_path('core/data/reason-examples.json')), true, flags: JSON_THROW_ON_ERROR),
        ]);
    }

    public function tables(): JsonResponse
    {
        return $this->json(['data' => Tables::all()]);
    }

    public function table(string $table): JsonResponse
    {
        $rows = self::known($table);

        return $this->json(['columns' => $rows[0], 'rows' => array_slice($rows, 1)]);
    }

    public function tableAsCsv(string $table): StreamedResponse
    {
        return self::csv($table, self::known($table));
    }

    /** One calculation, asked like the command line's by the same names. */
    public function calculate(Request $request, string $what): JsonResponse
    {
        $asked = array_map(static fn(mixed $value): string => is_string($value) ? $value : '', $request->query->all());
        try {
            $calculation = Calculation::tryFrom($what) ?? throw new NotFoundHttpException();

            return $this->json(['answer' => (new FigureWriter())->answer((new Calculator())->answer($calculation, new Asked($asked)))]);
        } catch (Invalid $error) {
            throw new InvalidWorkbook([new Problem($error->field, $error->value, $error->expected)]);
        }
    }

    /** It may come with a cookie, so nobody in between keeps it. */
    public function openApi(): Response
    {
        return new Response(ApiDescription::text(), headers: ['Content-Type' => 'application/json']);
    }

    public function workbookSchema(): BinaryFileResponse
    {
        return new BinaryFileResponse(base_path('core/data/workbook.schema.json'), headers: ['Content-Type' => 'application/schema+json'], public: false);
    }

    /** @return non-empty-list<list<string>> */
    private static function known(string $table): array
    {
        return Tables::has($table) ? Tables::table($table) : throw new NotFoundHttpException();
    }
}
