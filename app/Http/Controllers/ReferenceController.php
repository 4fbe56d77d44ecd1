<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wording\Sentence;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What describes the API and its words, for anybody. */
final class ReferenceController extends Controller
{
    public function reasons(): JsonResponse
    {
        return new JsonResponse(['data' => array_map(static fn(ReasonCode $code): array => ['code' => $code->value, 'meaning' => Sentence::meaning($code)], ReasonCode::cases())]);
    }

    public function openApi(): BinaryFileResponse
    {
        return new BinaryFileResponse(app_path('Http/openapi.json'), headers: ['Content-Type' => 'application/json']);
    }

    public function workbookSchema(): BinaryFileResponse
    {
        return new BinaryFileResponse(base_path('core/data/workbook.schema.json'), headers: ['Content-Type' => 'application/schema+json']);
    }
}
