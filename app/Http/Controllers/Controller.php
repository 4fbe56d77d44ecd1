<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shop;
use App\Models\User;
use App\Writing\Version;
use App\Writing\Written;
use Gondrik\Core\Listing\DecimalSign;
use Gondrik\Core\Listing\SpreadsheetText;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Controllers are thin: load, call the core, store, answer. No rule of the job stands here. */
abstract class Controller
{
    protected function person(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }

    /** Of whom alone this person is told what somebody can do: their own code, "" where they have none; null for who is told of all. */
    protected function reader(Request $request): ?string
    {
        return Gate::allows('setUp', Shop::class) ? null : $this->person($request)->personCode() ?? '';
    }

    protected function shop(Request $request): Shop
    {
        return Shop::ofId($this->person($request)->shop_id);
    }

    /** Which version of it the writer has seen. */
    protected static function seen(Request $request): string
    {
        return preg_match('~^"([0-9a-f]{16})"$~D', (string) $request->header('If-Match'), $version) === 1
            ? $version[1]
            : throw new HttpException(428, 'Say in If-Match which version of it you have seen, in quotation marks.');
    }

    /**
     * What came as JSON: objects stay objects, so that the codec can tell an empty one from a list.
     *
     * @param string $name of what it is, for the problem
     */
    protected static function item(Request $request, string $name): \stdClass
    {
        $body = json_decode($request->getContent());

        return $body instanceof \stdClass ? $body : throw new InvalidWorkbook([new Problem($name, null, 'must be a ' . $name . ' as the workbook has it, as a JSON object')]);
    }

    /** What was written with its version, and the number under which the history has it. */
    protected function written(Written $written, int $status = 200): JsonResponse
    {
        $thing = Version::with($written->things[0] ?? new \stdClass());

        return $this->json($thing, $status, ['ETag' => '"' . $thing['version'] . '"', ...self::entry($written)]);
    }

    /** There is nothing to tell but under which number the history has it. */
    protected function gone(Written $written): Response
    {
        return new Response(status: 204, headers: self::entry($written));
    }

    /** @return array<string, string> */
    protected static function entry(Written $written): array
    {
        return ['Gondrik-Change' => (string) $written->entry, 'Gondrik-Version' => $written->from . '-' . $written->to];
    }

    /**
     * @param array<string, mixed>  $data
     * @param array<string, string> $headers
     */
    protected function json(array $data, int $status = 200, array $headers = []): JsonResponse
    {
        return new JsonResponse($data, $status, $headers, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** With which the shop writes figures in tables for its spreadsheets. */
    protected function decimalSign(Request $request): DecimalSign
    {
        return DecimalSign::from($this->shop($request)->refresh()->decimal_sign);
    }

    /**
     * @param non-empty-list<list<string>> $table
     * @param DecimalSign                  $sign  with which its figures are written
     */
    protected static function csv(string $name, array $table, DecimalSign $sign = DecimalSign::Point): StreamedResponse
    {
        return new StreamedResponse(static function () use ($table, $sign): void {
            $out = fopen('php://output', 'wb');
            assert($out !== false);
            foreach ($table as $cells) {
                fputcsv($out, array_map(SpreadsheetText::guarded(...), $cells), $sign->separator(), '"', '', "\r\n");
            }
            fclose($out);
        }, headers: ['Content-Type' => 'text/csv; charset=UTF-8; header=present', 'Content-Disposition' => 'attachment; filename="' . $name . '.csv"']);
    }

    protected static function pdf(string $name, string $content): Response
    {
        return new Response($content, headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="' . $name . '.pdf"']);
    }
}
