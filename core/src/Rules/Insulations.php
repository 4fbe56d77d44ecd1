<?php

declare(strict_types=1);

namespace Gondrik\Core\Rules;

use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Value\Plain;
use Gondrik\Core\Wire\Material;

/** The insulations that a house works with: any, or those of a list. */
final readonly class Insulations implements Plain
{
    public const ANY = 'any';

    /** @param list<Material>|null $materials null for any */
    public function __construct(public ?array $materials) {}

    public static function of(Material ...$materials): self
    {
        return new self(array_values($materials));
    }

    public static function read(mixed $plain): static
    {
        if ($plain === self::ANY) {
            return new self(null);
        }
        $materials = [];
        foreach (is_array($plain) ? $plain : [null] as $name) {
            $materials[] = (is_string($name) ? Material::tryFrom($name) : null)
                ?? throw Invalid::at('', is_scalar($plain) ? $plain : null, '"' . self::ANY . '", or a list of materials');
        }

        return new self($materials);
    }

    public function allow(Material $material): bool
    {
        return $this->materials === null || in_array($material, $this->materials, true);
    }

    /** @return string|list<string> */
    public function plain(): string|array
    {
        return $this->materials === null ? self::ANY : array_map(static fn(Material $material): string => $material->value, $this->materials);
    }
}
