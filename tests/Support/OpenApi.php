<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Holds answers of the API against its description. */
final class OpenApi
{
    private const ID = 'urn:gondrik:openapi';

    public static function document(): \stdClass
    {
        return json_decode((string) file_get_contents(__DIR__ . '/../../app/Http/openapi.json'), flags: JSON_THROW_ON_ERROR);
    }

    /**
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $response
     *
     * @return string what does not fit, "" when all does
     */
    public static function mismatch(TestResponse $response, string $method, string $path): string
    {
        $status = (string) $response->getStatusCode();
        $described = self::document()->paths->{$path}->{$method}->responses->{$status} ?? null;
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
        $validator = new Validator(max_errors: 20, stop_at_first_error: false);
        $document = self::document();
        $document->{'$id'} = self::ID;
        $validator->resolver()?->registerRaw($document, self::ID);
        $pointer = implode('/', array_map(static fn(string $part): string => str_replace(['~', '/', '{', '}'], ['~0', '~1', '%7B', '%7D'], $part), ['paths', $path, $method, 'responses', $status, 'content', $type, 'schema']));
        $result = $validator->validate(json_decode((string) $response->getContent()), (object) ['$ref' => self::ID . '#/' . $pointer]);
        $error = $result->error();

        return $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error));
    }
}
