<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Http\ApiDescription;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Holds answers of the API against its description. */
final class OpenApi
{
    private const ID = 'https://gondrik.example/api/v1/openapi.json';

    private const WORKBOOK = 'https://gondrik.example/api/v1/workbook.schema.json';

    public static function document(): \stdClass
    {
        return ApiDescription::whole();
    }

    /**
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $response
     *
     * @return string what does not fit, "" when all does
     */
    public static function mismatch(TestResponse $response, string $method, string $path): string
    {
        $status = (string) $response->getStatusCode();
        $document = self::document();
        $described = $document->paths->{$path}->{$method}->responses->{$status} ?? null;
        $at = ['paths', $path, $method, 'responses', $status];
        if (isset($described->{'$ref'})) {
            // Those that are the same everywhere stand in one place.
            $at = explode('/', substr($described->{'$ref'}, strlen('#/')));
            $described = $document->components->responses->{$at[2]};
        }
        if ($described === null) {
            return "{$method} {$path} does not describe the status {$status}";
        }
        if (!isset($described->content)) {
            return $response->getContent() === '' ? '' : 'a body where none is described';
        }
        $type = explode(';', (string) $response->headers->get('Content-Type'))[0];
        if (!isset($described->content->{$type})) {
            return "the type {$type} is not described";
        }
        $pointer = implode('/', array_map(static fn(string $part): string => str_replace(['~', '/', '{', '}'], ['~0', '~1', '%7B', '%7D'], $part), [...$at, 'content', $type, 'schema']));

        return self::flaws(json_decode((string) $response->getContent()), $pointer);
    }

    /** What of a value does not fit a part of the description, "" when all does. */
    public static function flaws(mixed $value, string $pointer): string
    {
        $validator = new Validator(max_errors: 20, stop_at_first_error: false);
        $document = self::document();
        $document->{'$id'} = self::ID;
        $validator->resolver()?->registerRaw($document, self::ID);
        $workbook = json_decode((string) file_get_contents(__DIR__ . '/../../core/data/workbook.schema.json'), flags: JSON_THROW_ON_ERROR);
        $workbook->{'$id'} = self::WORKBOOK;
        $validator->resolver()?->registerRaw($workbook, self::WORKBOOK);
        $error = $validator->validate($value, (object) ['$ref' => self::ID . '#/' . $pointer])->error();

        return $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error));
    }
}
