<?php

declare(strict_types=1);

namespace App\Http;

/**
 * The description of the API, whole. openapi.json says of a thing only in what it differs from the workbook's own definition, by
 * "x-thing", so that no key of a thing is written down twice: "x-optional" may be left out, "x-without" is not there, and its own
 * properties are more, or stand instead.
 */
final readonly class ApiDescription
{
    private const SCHEMA = 'workbook.schema.json';

    public static function text(): string
    {
        return json_encode(self::whole(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }

    public static function whole(): \stdClass
    {
        $description = self::read(__DIR__ . '/openapi.json');
        $definitions = self::read(dirname(__DIR__, 2) . '/core/data/' . self::SCHEMA)->{'$defs'};
        foreach (get_object_vars($description->components->schemas) as $name => $schema) {
            if (isset($schema->{'x-thing'})) {
                $description->components->schemas->{$name} = self::ofThing($schema, $definitions->{$schema->{'x-thing'}});
            }
        }

        return $description;
    }

    private static function ofThing(\stdClass $schema, \stdClass $definition): \stdClass
    {
        $without = $schema->{'x-without'} ?? [];
        $properties = [];
        foreach (array_diff(array_keys(get_object_vars($definition->properties)), $without) as $key) {
            $properties[$key] = (object) ['$ref' => self::SCHEMA . '#/$defs/' . $schema->{'x-thing'} . '/properties/' . $key];
        }

        return (object) [
            'type' => 'object',
            'properties' => (object) [...$properties, ...get_object_vars($schema->properties ?? new \stdClass())],
            'required' => [...array_values(array_diff($definition->required, $without, $schema->{'x-optional'} ?? [])), ...$schema->required ?? []],
            'additionalProperties' => false,
            'description' => $schema->description,
        ];
    }

    private static function read(string $path): \stdClass
    {
        return json_decode((string) file_get_contents($path), flags: JSON_THROW_ON_ERROR);
    }
}
