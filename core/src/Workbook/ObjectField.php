<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

/** One constructor parameter of a value object, as the codec sees it. */
final readonly class ObjectField
{
    public function __construct(
        public string $name,
        /** A scalar type, or a class; of the members where it is a list. */
        public string $type,
        public bool $isList,
        /** Written as the id of a thing that stands elsewhere. */
        public bool $isReference,
        /** A group whose keys stand in the object itself. */
        public bool $isInline,
        public bool $hasDefault,
        public mixed $default,
    ) {}
}
